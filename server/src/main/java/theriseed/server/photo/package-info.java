/** Pictures from the rows. */
@ApplicationModule
package theriseed.server.photo;

import org.springframework.modulith.ApplicationModule;
