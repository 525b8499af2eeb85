/** Orders: what was asked for, promised out of which lots, and delivered. */
@ApplicationModule
package theriseed.server.order;

import org.springframework.modulith.ApplicationModule;
