/// Who sleeps where, the heights and room about people, and what is within reach of each pillow. See docs/method/living.md.
package lectulum.layout.people;
