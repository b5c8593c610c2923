/// Where builders differ: the ways of each question, what each would change in the camper at hand.
///
/// A way is an edit; what follows from it is what an analysis of the edited design says. None is forced. See
/// docs/method/brief.md.
package lectulum.brief.schools;
