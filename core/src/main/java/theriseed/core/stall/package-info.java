/** Packets: how full, how many, at what cost. */
package theriseed.core.stall;
