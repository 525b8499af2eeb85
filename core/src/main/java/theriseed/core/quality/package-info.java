/** Tests of seed: weight, purity, germination. */
package theriseed.core.quality;
