/** Documents to print: PDF. */
@ApplicationModule
package theriseed.server.pdf;

import org.springframework.modulith.ApplicationModule;
