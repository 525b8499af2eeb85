/** How long seed keeps, what comes of joining and parting lots, and when a variety must be grown again. */
package theriseed.core.seedroom;
