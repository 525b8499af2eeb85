/** How hard to choose, and which progeny rows to keep. */
package theriseed.core.selection;
