/// What is assumed until somebody measures it: values with their range and source, and tables of usual tyres, struts, sheets,
/// headers and regions, read from resources.
package lectulum.assumed;
