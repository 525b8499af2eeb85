/** What waits to be done. */
@ApplicationModule
package theriseed.server.today;

import org.springframework.modulith.ApplicationModule;
