/** Who did what, and when. */
@ApplicationModule
package theriseed.server.done;

import org.springframework.modulith.ApplicationModule;
