/** Walks through the rows and what they have shown. */
@ApplicationModule
package theriseed.server.walk;

import org.springframework.modulith.ApplicationModule;
