/** The whole farm as one file of open formats: out, and into an empty farm. */
@ApplicationModule
package theriseed.server.export;

import org.springframework.modulith.ApplicationModule;
