/** Roots, bulbs and tubers that wait for spring: how many to put in, and how often to look. */
package theriseed.core.store;
