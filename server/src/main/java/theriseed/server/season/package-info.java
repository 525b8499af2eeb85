/** Varieties and their plantings, season by season, and what threatens them. */
@ApplicationModule
package theriseed.server.season;

import org.springframework.modulith.ApplicationModule;
