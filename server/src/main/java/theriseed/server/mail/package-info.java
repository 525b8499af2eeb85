/** Mail that the farm sends, through a mail server the grower names. */
@ApplicationModule
package theriseed.server.mail;

import org.springframework.modulith.ApplicationModule;
