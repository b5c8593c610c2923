/// Studs, holes, headers and what is screwed to members, face by face. See docs/method/shell.md.
package lectulum.base.walls;
