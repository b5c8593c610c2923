/// Water in tanks, pipes and drains: shapes of tanks, the branched network, waste pipes, low points, freezing and hot water.
///
/// SI throughout: metres, seconds, pascals above the air outside, cubic metres. Steady flow; water hammer, air in pipes and
/// wear are left out. See docs/method/water.md for the sources.
package lectulum.kernel.flow;
