/// What is to be done, when it is done, and how far it is. Hours are those of somebody who learns while building; a plan is an estimate
/// that logged hours correct. See docs/method/build.md.
package lectulum.build;
