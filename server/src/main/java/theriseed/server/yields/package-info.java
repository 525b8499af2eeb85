/** What lots gave, compared with each other and with what is usual. */
@ApplicationModule
package theriseed.server.yields;

import org.springframework.modulith.ApplicationModule;
