/** What plantings were sown with: the farm's own lots, or seed from elsewhere. */
@ApplicationModule
package theriseed.server.sown;

import org.springframework.modulith.ApplicationModule;
