/// The demonstration campers and the empty ones to start from.
package lectulum.demo;
