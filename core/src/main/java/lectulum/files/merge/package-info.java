/// Two copies of a project that were changed apart are brought together again: what one of them changed is taken, what both changed is
/// asked.
///
/// Each saving notes in the file which of its parts it changed ([Lineage]); the last saving that both copies share tells what each of them
/// did since. A file of that state itself, where somebody kept one, tells it more exactly. Parts without a common past are asked.
package lectulum.files.merge;
