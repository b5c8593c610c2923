package lectulum.design;

/// A finding the user decided to live with.
///
/// @param finding id of the finding
/// @param reason  why, in the user's words
/// @param date    when, as an ISO date
public record Acceptance(String finding, String reason, String date) {
    public Acceptance {
        reason = reason == null ? "" : reason;
        date = date == null ? "" : date;
    }
}
