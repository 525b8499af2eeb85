package theriseed.server.mail;

import java.time.LocalDate;
import theriseed.server.base.Maybe;

/**
 * Through whom the farm sends mail, without the password, which is shown to nobody.
 *
 * @param may whether this farm sends mail at all; the demo farm does not
 * @param facts absent where no server is named
 * @param passwordSince the day the password was told; absent where there is none
 */
public record MailServerView(
        boolean may,
        int version,
        @Maybe MailServerFacts facts,
        @Maybe LocalDate passwordSince) {}
