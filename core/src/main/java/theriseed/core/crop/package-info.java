/** What is generally known of each crop. */
package theriseed.core.crop;
