/** Labels of lots and packets, to print. */
@ApplicationModule
package theriseed.server.label;

import org.springframework.modulith.ApplicationModule;
