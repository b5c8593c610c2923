/// The records of what was done, tested, looked after and learnt: the log of a build and of the trips after it.
package lectulum.design.logbook;
