/** Backups of the farm: how they are made, and what came of them. */
@ApplicationModule
package theriseed.server.backup;

import org.springframework.modulith.ApplicationModule;
