/// Big things over the ramp and through the door, and how they are tied down. See docs/method/carry.md.
package lectulum.layout.loading;
