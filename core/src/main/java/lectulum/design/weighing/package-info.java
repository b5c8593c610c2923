/// The records of weigh days.
package lectulum.design.weighing;
