package lectulum.design.logbook;

/// How a packed thing is carried: whose it is to pack, whether it stays in the camper, whether it is packed already.
///
/// @param thing id
/// @param who   packs it; empty for nobody named
public record Carrying(String thing, String who, boolean stays, boolean packed) {
    public Carrying {
        thing = thing == null ? "" : thing;
        who = who == null ? "" : who;
    }

    /// Nothing known of a thing.
    public static Carrying of(String thing) {
        return new Carrying(thing, "", false, false);
    }

    public Carrying by(String person) {
        return new Carrying(thing, person, stays, packed);
    }

    public Carrying staying(boolean there) {
        return new Carrying(thing, who, there, packed);
    }

    public Carrying packed(boolean aboard) {
        return new Carrying(thing, who, stays, aboard);
    }
}
