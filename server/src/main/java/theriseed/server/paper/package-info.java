/** Documents to print: PDF. */
@ApplicationModule
package theriseed.server.paper;

import org.springframework.modulith.ApplicationModule;
