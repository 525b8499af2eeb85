package theriseed.server.network;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;

/**
 * Where phones reach the farm.
 *
 * @param addresses over HTTPS, the best first; empty when the farm answers on its own machine only, or stands in no network
 * @param trustPage where a phone that does not trust the farm yet begins, or null
 * @param authority whom it then trusts; null when the farm answers on its own machine only
 */
record NetworkView(List<String> addresses, String trustPage, AuthorityView authority) {
    /** The farm answers on its own machine only. */
    static final NetworkView CLOSED = new NetworkView(List.of(), null, null);

    /**
     * @param name as a phone shows it
     * @param fingerprint SHA-256, pairs of hexadecimal digits
     */
    record AuthorityView(String name, String fingerprint, LocalDate until) {}

    static NetworkView of(FarmNetwork network) {
        FarmAuthority authority = network.authority();
        return new NetworkView(
                network.secureAddresses(),
                network.trustPage(),
                new AuthorityView(
                        authority.name(),
                        authority.fingerprint(),
                        LocalDate.ofInstant(authority.until(), ZoneOffset.UTC)));
    }
}
