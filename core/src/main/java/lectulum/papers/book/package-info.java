/// The build book: everything that is known of a camper as one document with contents, pages, an index and a cover, and parts of it for
/// those who need only those.
///
/// Chapters are made of what the disciplines have worked out; nothing is computed here. Prices are left out of every part but the whole
/// book. Letters that no font knows are printed as question marks.
package lectulum.papers.book;
