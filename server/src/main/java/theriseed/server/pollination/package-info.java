/** Pollinating by hand, in bags and in cages. */
@ApplicationModule
package theriseed.server.pollination;

import org.springframework.modulith.ApplicationModule;
