/// The records of tow vehicles and of ratings.
package lectulum.design.vehicle;
