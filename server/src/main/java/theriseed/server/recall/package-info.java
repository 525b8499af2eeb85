/** Which seed came of which, and who has it. */
@ApplicationModule
package theriseed.server.recall;

import org.springframework.modulith.ApplicationModule;
