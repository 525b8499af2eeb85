/** The farm's own network: how phones reach the farm over HTTPS, without a domain and without the internet. */
@ApplicationModule
package theriseed.server.network;

import org.springframework.modulith.ApplicationModule;
