/** When things flower, and how far they flower together. */
package theriseed.core.bloom;
