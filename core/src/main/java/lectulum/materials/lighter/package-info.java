/// What else it could be built of: every switch with what it changes in mass, money, hours, ball, heat and stiffness.
package lectulum.materials.lighter;
