/// Where vehicle and trailer meet in a turn and over a driveway. Plane outlines, no suspension. See docs/method/towing.md.
package lectulum.balance.turning;
