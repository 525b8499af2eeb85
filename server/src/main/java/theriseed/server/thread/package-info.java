/** A lot's whole life, gathered from every part of the work. */
@ApplicationModule
package theriseed.server.thread;

import org.springframework.modulith.ApplicationModule;
