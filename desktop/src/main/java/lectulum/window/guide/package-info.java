/// The guide beside the page: topics as they are read, what is looked up, and the first hour with its ticks.
package lectulum.window.guide;
