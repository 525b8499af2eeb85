/** What lots cost and brought: hours, outlays, and what the farm calculates with. */
@ApplicationModule
package theriseed.server.money;

import org.springframework.modulith.ApplicationModule;
