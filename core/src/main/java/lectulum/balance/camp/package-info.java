/// Uncoupled in camp: what tips it, what the jacks carry, how it is levelled. See docs/method/camp.md.
package lectulum.balance.camp;
