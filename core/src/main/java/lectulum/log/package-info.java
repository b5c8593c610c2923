/// What was done, tested, looked after, packed and learnt: the log of a build and of the trips after it.
///
/// It judges only what was written: an empty log says what to write first and nothing else. Today is the day that the user says it is;
/// without it nothing is due. Formulas and sources: docs/method/log.md.
package lectulum.log;
