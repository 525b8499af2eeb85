/** Tests of a lot's seed. */
@ApplicationModule
package theriseed.server.quality;

import org.springframework.modulith.ApplicationModule;
