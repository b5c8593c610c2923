/// Every tow vehicle of a project before the one camper.
package lectulum.balance.vehicles;
