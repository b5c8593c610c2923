/// The things that ship with the program, with their features. All made up, no brands.
package lectulum.catalogue;
