/// Who sleeps where, and the heights and room about people. See docs/method/living.md.
package lectulum.layout.people;
