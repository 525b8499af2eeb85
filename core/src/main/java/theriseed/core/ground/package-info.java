/** Where things grow, and how far apart. */
package theriseed.core.ground;
