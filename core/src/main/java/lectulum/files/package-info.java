/// Project files, journal, locks, attachments and lists of things: the edge to the disk. Limits and repairs are stated in
/// docs/file-format/README.md.
package lectulum.files;
