/** The farm itself: its name, where it lies, its climate, its clock, and the first run that makes it. */
@ApplicationModule
package theriseed.server.farm;

import org.springframework.modulith.ApplicationModule;
