/// Coupled: heights, springs, spring bars and what they do to the axles of the tow vehicle. See docs/method/towing.md.
package lectulum.balance.hitch;
