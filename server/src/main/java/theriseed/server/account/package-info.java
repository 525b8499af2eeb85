/** Who may enter, and what each may do. */
@ApplicationModule
package theriseed.server.account;

import org.springframework.modulith.ApplicationModule;
