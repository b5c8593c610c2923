package lectulum.brief;

import lectulum.figures.Sentence;

/// One line of the brief held against the camper.
///
/// @param id   stable
/// @param line of the brief it rests on
/// @param asks what the brief wants
/// @param has  what the camper has
/// @param met  whether that is enough
/// @param lack by how much it fails, as a part of what is wanted, 0 where it is met; 1 where nothing of it is there
/// @param says the lack in a sentence; the same as `has` where it is met
public record Demand(String id, String line, Sentence asks, Sentence has, boolean met, double lack, Sentence says) {
    /// Of what it may cost in all.
    public static final String BUDGET = "budget";

    public boolean is(String which) {
        return id.equals(which);
    }

    static Demand met(String id, String line, Sentence asks, Sentence has) {
        return new Demand(id, line, asks, has, true, 0, has);
    }

    static Demand judged(String id, String line, Sentence asks, Sentence has, boolean met, double lack,
            Sentence says) {
        return new Demand(id, line, asks, has, met, met ? 0 : Math.clamp(lack, 0.001, 1), met ? has : says);
    }
}
