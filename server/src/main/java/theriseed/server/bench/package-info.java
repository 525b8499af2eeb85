/** Steps from what was picked to clean seed. */
@ApplicationModule
package theriseed.server.bench;

import org.springframework.modulith.ApplicationModule;
