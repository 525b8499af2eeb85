/** What a walk has shown about off-types. */
package theriseed.core.roguing;
