/** Plots and what neighbours grow. */
@ApplicationModule
package theriseed.server.ground;

import org.springframework.modulith.ApplicationModule;
