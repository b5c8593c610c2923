package lectulum.design.thing;


/// How far a thing is seen by what works something out of it.
public enum Sight {
    /// With the place it stands at.
    PLACED,
    /// All of it but its place.
    UNPLACED,
    /// As if it were not there.
    UNSEEN
}
