/// From the first day to the last: the tongue while supplies are used. See docs/method/balance.md.
package lectulum.balance.trip;
