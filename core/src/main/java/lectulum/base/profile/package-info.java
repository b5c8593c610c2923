/// The side of the camper: its line, its skin and how that bends, its hatch and its lifting top. See docs/method/shell.md.
package lectulum.base.profile;
