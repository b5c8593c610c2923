/// Bodies of people: reach, heights, beds, ways out. Segment ratios after Drillis and Contini, rounded.
package lectulum.kernel.bodies;
