/** Serves the screens that were built beside the server. */
@ApplicationModule
package theriseed.server.web;

import org.springframework.modulith.ApplicationModule;
