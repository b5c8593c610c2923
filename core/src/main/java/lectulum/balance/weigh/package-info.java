/// Readings of a scale: what they say about the loads, which of them are wrong, and which masses they change.
/// See docs/method/weighing.md.
package lectulum.balance.weigh;
