/// Trips that are planned day by day.
package lectulum.design.outing;
