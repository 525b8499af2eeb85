/** Lots blended and split. */
@ApplicationModule
package theriseed.server.blend;

import org.springframework.modulith.ApplicationModule;
