/// Over all, where it is kept, awnings and tents. See docs/method/fit.md.
package lectulum.layout.outside;
