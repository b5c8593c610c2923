/// From the ground to the highest point, what it has to pass, and what its front costs in fuel: a rough estimate with its
/// range. See docs/method/brief.md.
package lectulum.brief.height;
