/** Pollinating by hand, in bags and in cages: how many flowers, how many insects, when. */
package theriseed.core.pollination;
