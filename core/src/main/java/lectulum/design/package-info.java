/// One camper as the user has it: immutable records, edits, history, variants. SI units; nothing is computed here.
package lectulum.design;
