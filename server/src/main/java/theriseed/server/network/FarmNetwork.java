package theriseed.server.network;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ssl.SslBundle;
import org.springframework.boot.ssl.SslBundleKey;
import org.springframework.boot.ssl.SslStoreBundle;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import theriseed.server.base.HostNames;

/**
 * How the farm is reached over its own network: under a name that stays when the router gives this machine another address,
 * and under the addresses it has now, each with a certificate of the farm's own authority.
 */
@Component
@Profile("lan")
class FarmNetwork implements HostNames {
    /** A certificate that is good for less than this is made anew. */
    private static final Duration IN_GOOD_TIME = Duration.ofDays(30);

    private final FarmAuthority authority;
    private final Clock clock;
    private final int securePort;
    private final int plainPort;
    private final String wantedName;

    private volatile Reached reached;

    FarmNetwork(
            @Value("${theriseed.lan.folder}") Path folder,
            @Value("${theriseed.lan.name}") String wantedName,
            @Value("${server.port}") int securePort,
            @Value("${theriseed.lan.plain-port}") int plainPort,
            Clock clock) {
        this.authority = FarmAuthority.keptIn(folder, clock.instant());
        this.wantedName = wantedName.toLowerCase(Locale.ROOT) + ".local";
        this.securePort = securePort;
        this.plainPort = plainPort;
        this.clock = clock;
        this.reached = reachedAt(OwnAddresses.now(), null);
    }

    /**
     * @param name under which the network finds this machine, or null when it is not called out there
     * @param addresses the one towards the router first
     */
    private record Reached(String name, List<InetAddress> addresses, SslBundle bundle, Instant renewed) {}

    /**
     * Takes note of where the machine stands now.
     *
     * @param name the name that is called out in the network, or null
     * @return whether another certificate is used from now on
     */
    synchronized boolean standsAt(List<InetAddress> addresses, String name) {
        boolean same = addresses.equals(reached.addresses) && Objects.equals(name, reached.name);
        if (same
                && clock.instant()
                        .isBefore(reached.renewed
                                .plus(FarmAuthority.CERTIFICATE_LASTS)
                                .minus(IN_GOOD_TIME))) {
            return false;
        }
        reached = reachedAt(addresses, name);
        return true;
    }

    private Reached reachedAt(List<InetAddress> addresses, String name) {
        Set<String> names = new LinkedHashSet<>(List.of("localhost", wantedName));
        if (name != null) {
            names.add(name);
        }
        List<InetAddress> all = new ArrayList<>(addresses);
        all.add(loopback());
        String password = UUID.randomUUID().toString();
        Instant now = clock.instant();
        SslBundle bundle = SslBundle.of(
                SslStoreBundle.of(authority.vouchFor(names, all, password.toCharArray(), now), password, null),
                SslBundleKey.of(password, FarmAuthority.ALIAS));
        return new Reached(name, List.copyOf(addresses), bundle, now);
    }

    private static InetAddress loopback() {
        try {
            return InetAddress.getByAddress(new byte[] {127, 0, 0, 1});
        } catch (UnknownHostException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    FarmAuthority authority() {
        return authority;
    }

    SslBundle bundle() {
        return reached.bundle;
    }

    String wantedName() {
        return wantedName;
    }

    /** Where phones open the farm, the best first: the name, if it is called out, then the addresses. */
    List<String> secureAddresses() {
        Reached now = reached;
        return Stream.concat(Stream.ofNullable(now.name), now.addresses.stream().map(InetAddress::getHostAddress))
                .map(host -> "https://" + host + ":" + securePort)
                .toList();
    }

    /**
     * Where a phone that does not trust the farm yet reads how it comes to: the address before the name, which not every phone
     * finds; null when the machine stands in no network.
     */
    String trustPage() {
        return reached.addresses.stream()
                .findFirst()
                .map(at -> "http://" + at.getHostAddress() + ":" + plainPort + "/trust")
                .orElse(null);
    }

    @Override
    public boolean has(String host) {
        Reached now = reached;
        return host.equals(wantedName)
                || host.equals(now.name)
                || now.addresses.stream().anyMatch(at -> at.getHostAddress().equals(host));
    }
}
