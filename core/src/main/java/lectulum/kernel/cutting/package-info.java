/// Cutting of sticks, sheets and rolls: from what is there and what is cheapest to buy, with proof where there is one.
package lectulum.kernel.cutting;
