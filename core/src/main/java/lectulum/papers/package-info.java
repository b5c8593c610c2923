/// What leaves the program on paper and in files: full-size templates, offset tables, reports, lists.
package lectulum.papers;
