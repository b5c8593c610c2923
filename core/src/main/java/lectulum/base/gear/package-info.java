package lectulum.base.gear;

/// Axle square with the frame, spring hangers, guides, mudguards and tyres that fit. See docs/method/gear.md.
