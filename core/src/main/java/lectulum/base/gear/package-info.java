/// Axle square with the frame, spring hangers, guides, mudguards and tyres that fit. See docs/method/gear.md.
package lectulum.base.gear;
