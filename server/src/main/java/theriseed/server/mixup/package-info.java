/** Two lots that may have been mixed up, until somebody has found out which is which. */
@ApplicationModule
package theriseed.server.mixup;

import org.springframework.modulith.ApplicationModule;
