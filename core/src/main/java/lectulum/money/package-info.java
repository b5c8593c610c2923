/// What it costs: spent, to come, and against the budget.
package lectulum.money;
