/** The course of a day on the farm. */
package theriseed.core.day;
