/** What every module stands on: records that know who and when, corrections, time on the farm, refusals, pages. */
@ApplicationModule(type = ApplicationModule.Type.OPEN)
package theriseed.server.base;

import org.springframework.modulith.ApplicationModule;
