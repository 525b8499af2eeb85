/** Several crops or varieties in one bag: put together, packed, sold, and followed to whoever has some. */
@ApplicationModule
package theriseed.server.mix;

import org.springframework.modulith.ApplicationModule;
