/// The records of what there is to build from, and of cutting plans that were laid by hand.
package lectulum.design.workshop;
