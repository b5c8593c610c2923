/// The records of when somebody builds and of what is done.
package lectulum.design.works;
