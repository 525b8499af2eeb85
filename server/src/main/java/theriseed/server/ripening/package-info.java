/** Watching a planting ripen, and when to cut it. */
@ApplicationModule
package theriseed.server.ripening;

import org.springframework.modulith.ApplicationModule;
