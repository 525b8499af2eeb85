/** The crops and the figures the app uses for them. */
@ApplicationModule
package theriseed.server.handbook;

import org.springframework.modulith.ApplicationModule;
