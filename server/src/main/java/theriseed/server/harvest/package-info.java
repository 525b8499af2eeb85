/** What was picked into a lot. */
@ApplicationModule
package theriseed.server.harvest;

import org.springframework.modulith.ApplicationModule;
