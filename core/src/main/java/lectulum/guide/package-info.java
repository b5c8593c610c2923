/// The guide: pages of text that ship with the program, cut into topics at their headings, with what can be looked up in them.
///
/// The pages are those of docs/guide and docs/method. Weak where somebody searches by another word than the text uses.
package lectulum.guide;
