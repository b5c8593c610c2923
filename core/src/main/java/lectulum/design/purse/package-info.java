/// The records of receipts, offers, exchange rates and ways to save.
package lectulum.design.purse;
