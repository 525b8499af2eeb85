/** Where clean seed stands, and how it keeps there. */
@ApplicationModule
package theriseed.server.seedroom;

import org.springframework.modulith.ApplicationModule;
