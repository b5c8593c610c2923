/// What a brief asks and whether the camper does it: demands, wishes with what each costs, height and drag, bases to build
/// on, and whole campers drawn from a brief. Masses, prices and hours before anything is drawn are estimates; see
/// docs/method/brief.md.
package lectulum.brief;
