/** The course of a day on the farm, and what its rows wait for. */
package theriseed.core.day;
