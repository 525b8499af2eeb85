/** When seed is dry, in what air, and with how much gel. */
package theriseed.core.drying;
