/** What a grower says of the farm as a whole, and what that changes in the plan. */
@ApplicationModule
package theriseed.server.settings;

import org.springframework.modulith.ApplicationModule;
