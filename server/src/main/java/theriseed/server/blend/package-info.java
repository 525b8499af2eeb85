/** Lots poured together and parted. */
@ApplicationModule
package theriseed.server.blend;

import org.springframework.modulith.ApplicationModule;
