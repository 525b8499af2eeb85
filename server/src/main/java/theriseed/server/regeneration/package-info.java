/** Which varieties must be grown again, by when, and out of which lot. */
@ApplicationModule
package theriseed.server.regeneration;

import org.springframework.modulith.ApplicationModule;
