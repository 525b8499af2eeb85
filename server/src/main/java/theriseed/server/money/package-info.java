/** What lots cost and brought: hours, outlays, and what the farm reckons with. */
@ApplicationModule
package theriseed.server.money;

import org.springframework.modulith.ApplicationModule;
