/** How many plants stand, and how many pieces wait in store. */
@ApplicationModule
package theriseed.server.stand;

import org.springframework.modulith.ApplicationModule;
