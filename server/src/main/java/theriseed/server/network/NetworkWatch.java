package theriseed.server.network;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.InetAddress;
import java.util.List;
import java.util.Locale;
import javax.jmdns.JmDNS;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ssl.SslBundleRegistry;
import org.springframework.context.annotation.Profile;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Follows the machine when it is given another address: calls its name out there (multicast DNS, RFC 6762), and has a
 * certificate made for it, which is used from the next connection on.
 */
@Component
@Profile("lan")
class NetworkWatch {
    private static final Logger LOG = LoggerFactory.getLogger(NetworkWatch.class);

    private final FarmNetwork network;
    private final SslBundleRegistry certificates;
    private JmDNS calling;

    NetworkWatch(FarmNetwork network, SslBundleRegistry certificates) {
        this.network = network;
        this.certificates = certificates;
    }

    @Scheduled(initialDelay = 0, fixedDelay = 15_000)
    void look() {
        List<InetAddress> addresses = OwnAddresses.now();
        String name = called(addresses.isEmpty() ? null : addresses.get(0));
        if (network.standsAt(addresses, name)) {
            certificates.updateBundle(SecureDoor.BUNDLE, network.bundle());
            LOG.info("In the farm's network at {}", network.secureAddresses());
        }
    }

    /** The name under which the network finds the machine at this address; null when it cannot be called out. */
    private String called(InetAddress at) {
        try {
            if (calling != null && !calling.getInetAddress().equals(at)) {
                stop();
            }
            if (calling == null && at != null) {
                String wanted = network.wantedName();
                calling = JmDNS.create(at, wanted.substring(0, wanted.length() - ".local".length()));
            }
            return calling == null
                    ? null
                    : calling.getHostName().replaceFirst("\\.$", "").toLowerCase(Locale.ROOT);
        } catch (IOException refused) {
            LOG.warn("No name is called out in the network: {}", refused.getMessage());
            return null;
        }
    }

    @PreDestroy
    void stop() {
        if (calling != null) {
            try {
                calling.close();
            } catch (IOException gone) {
                LOG.debug("The name was called out until now", gone);
            }
            calling = null;
        }
    }
}
