/// Light where people work, read, walk and sleep. Each lamp shines evenly into the half-space below it (Lambert), walls throw
/// half of it back; what furniture shades is not seen. See docs/method/power.md.
package lectulum.power.light;
