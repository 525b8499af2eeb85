/** The day's work, sent to whoever wants it in the morning. */
@ApplicationModule
package theriseed.server.morning;

import org.springframework.modulith.ApplicationModule;
