/** Which seed came of which, who has it, and calling it back. */
@ApplicationModule
package theriseed.server.family;

import org.springframework.modulith.ApplicationModule;
