/// What is kept where, what has no home, what can be got at on the road. See docs/method/living.md.
package lectulum.layout.storage;
