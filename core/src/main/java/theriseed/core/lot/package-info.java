/** Lot numbers, and whether a lot may be sold. */
package theriseed.core.lot;
