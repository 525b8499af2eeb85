/** What came out of what went in: chains of steps, mass balance, the ferment's clock, drying. */
package theriseed.core.bench;
