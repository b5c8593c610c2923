/// What a discipline is: what it sees of a design, what it gives, and the studies that most of them are made of.
package lectulum.discipline;
