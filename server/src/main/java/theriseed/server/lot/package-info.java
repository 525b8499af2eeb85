/** Numbered lots: identity and holds. */
@ApplicationModule
package theriseed.server.lot;

import org.springframework.modulith.ApplicationModule;
