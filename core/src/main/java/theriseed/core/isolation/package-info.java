/** What may cross with what, and how much. */
package theriseed.core.isolation;
