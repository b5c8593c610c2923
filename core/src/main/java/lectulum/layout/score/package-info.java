/// One number for a layout, by weights of the user. It ranks variants; it judges nothing by itself.
package lectulum.layout.score;
