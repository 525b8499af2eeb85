/** How many plants keep a variety alive. */
package theriseed.core.population;
