/** The stock that may be sold, on paper and as a file: price list and catalogue. */
@ApplicationModule
package theriseed.server.catalogue;

import org.springframework.modulith.ApplicationModule;
