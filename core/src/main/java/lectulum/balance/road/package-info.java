/// At speed: swaying, tipping over, climbing, liquids that move, ties and roof loads. A linear model: trends, no certificate.
/// See docs/method/towing.md and docs/method/carry.md.
package lectulum.balance.road;
