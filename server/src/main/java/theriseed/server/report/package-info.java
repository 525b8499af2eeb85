/** A lot's whole life on two pages, for a buyer or an inspector. */
@ApplicationModule
package theriseed.server.report;

import org.springframework.modulith.ApplicationModule;
