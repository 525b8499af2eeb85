/** Searching all that the farm holds by words; each module answers for its own records. */
@ApplicationModule
package theriseed.server.search;

import org.springframework.modulith.ApplicationModule;
