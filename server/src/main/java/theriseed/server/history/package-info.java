/** A lot's whole life, gathered from every part of the work. */
@ApplicationModule
package theriseed.server.history;

import org.springframework.modulith.ApplicationModule;
