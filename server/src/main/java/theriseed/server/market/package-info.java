/** Days at the stall: what was taken along, and what came back. */
@ApplicationModule
package theriseed.server.market;

import org.springframework.modulith.ApplicationModule;
