/** When to cut, what is picked, and whether that can be. */
package theriseed.core.harvest;
