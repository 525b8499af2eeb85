/** The work of a season by its days, as a page, a file and a feed. */
@ApplicationModule
package theriseed.server.calendar;

import org.springframework.modulith.ApplicationModule;
