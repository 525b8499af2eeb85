/** Ranges, exact limits and chances: what every other rule measures with. */
package theriseed.core.measure;
