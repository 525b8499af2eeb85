/** The made-up demo farm. */
@ApplicationModule
package theriseed.server.demo;

import org.springframework.modulith.ApplicationModule;
