/// Bases that could be built on, side by side: what each comes to until it rolls, what it leaves for the build, and what
/// speaks against it. See docs/method/brief.md.
package lectulum.brief.bases;
