/** Finding a lot, variety, planting or crop by what is typed. */
@ApplicationModule
package theriseed.server.find;

import org.springframework.modulith.ApplicationModule;
