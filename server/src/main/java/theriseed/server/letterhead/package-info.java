/** What the farm puts at the head and the foot of its papers: address, bank, taxes. */
@ApplicationModule
package theriseed.server.letterhead;

import org.springframework.modulith.ApplicationModule;
