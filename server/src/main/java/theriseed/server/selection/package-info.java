/** Marking and choosing the best, and rows sown from their seed. */
@ApplicationModule
package theriseed.server.selection;

import org.springframework.modulith.ApplicationModule;
