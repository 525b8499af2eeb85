/** Scale, thermometer and hygrometer of the shed: what they show now, before anybody takes it down. */
@ApplicationModule
package theriseed.server.instrument;

import org.springframework.modulith.ApplicationModule;
