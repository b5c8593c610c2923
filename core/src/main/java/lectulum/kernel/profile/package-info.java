/// Lines made of arcs and splines: offset, length, bending, areas, tiles of a page.
package lectulum.kernel.profile;
