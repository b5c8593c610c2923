/// Whole campers drawn from a brief: for each concept a shell, beds, kitchen, water, power, ways out, an axle and its
/// place. Every size follows from the people, the nights and the wishes; what it weighs and costs before anything is
/// built is an estimate. The checks judge them like any other design. See docs/method/brief.md.
package lectulum.brief.draft;
