/** Invoices that are sent for what was delivered, and whether they are paid. */
@ApplicationModule
package theriseed.server.invoice;

import org.springframework.modulith.ApplicationModule;
