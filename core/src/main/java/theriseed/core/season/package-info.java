/** The order of a crop's days: sown, set out, picked. */
package theriseed.core.season;
