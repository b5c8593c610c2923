/// Money: shares to the cent, what is not sure, loans, owning and renting, savings that exclude one another.
package lectulum.kernel.finance;
