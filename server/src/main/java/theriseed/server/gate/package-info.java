/** Whether lots may be sold. */
@ApplicationModule
package theriseed.server.gate;

import org.springframework.modulith.ApplicationModule;
