/** Packing, stock and sales. */
@ApplicationModule
package theriseed.server.stall;

import org.springframework.modulith.ApplicationModule;
