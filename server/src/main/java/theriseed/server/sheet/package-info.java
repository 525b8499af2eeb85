/** Lists of the farm as CSV: out, and in, line by line, after showing what that would do. */
@ApplicationModule
package theriseed.server.sheet;

import org.springframework.modulith.ApplicationModule;
