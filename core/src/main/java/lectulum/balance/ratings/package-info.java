/// What limits first: ratings, brakes, tyres, and how much may still be put where. See docs/method/towing.md.
package lectulum.balance.ratings;
