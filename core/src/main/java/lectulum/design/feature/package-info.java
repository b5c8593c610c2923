/// What a thing is good for or needs besides its box.
package lectulum.design.feature;
