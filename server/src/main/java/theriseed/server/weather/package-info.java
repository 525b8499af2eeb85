/** What the weather was: a station's days, or days read from a file. */
@ApplicationModule
package theriseed.server.weather;

import org.springframework.modulith.ApplicationModule;
