package theriseed.server.network;

import java.io.IOException;
import java.net.DatagramSocket;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;

/** Under which addresses this machine stands in the farm's network now. */
final class OwnAddresses {
    /** Networks inside the machine, where no phone is. */
    private static final Pattern WITHIN = Pattern.compile("(docker|br-|veth|virbr|lxc|vmnet|tun|tap|wg).*");

    /** Asked of the system only for the way it would take there; nothing is sent. */
    private static final InetSocketAddress SOMEWHERE_ELSE = new InetSocketAddress("192.0.2.1", 9);

    private OwnAddresses() {}

    /** Addresses of private networks (RFC 1918), the one on the way to the router first. */
    static List<InetAddress> now() {
        List<InetAddress> found = new ArrayList<>();
        try {
            for (NetworkInterface card : NetworkInterface.networkInterfaces().toList()) {
                if (card.isUp()
                        && !card.isLoopback()
                        && !WITHIN.matcher(card.getName()).matches()) {
                    card.inetAddresses()
                            .filter(at -> at instanceof Inet4Address && at.isSiteLocalAddress())
                            .forEach(found::add);
                }
            }
        } catch (SocketException noCards) {
            return List.of();
        }
        InetAddress first = towardsTheRouter();
        found.sort(
                Comparator.comparing((InetAddress at) -> !at.equals(first)).thenComparing(InetAddress::getHostAddress));
        return List.copyOf(found);
    }

    private static InetAddress towardsTheRouter() {
        try (DatagramSocket way = new DatagramSocket()) {
            way.connect(SOMEWHERE_ELSE);
            return way.getLocalAddress();
        } catch (IOException | java.io.UncheckedIOException noWay) {
            return null;
        }
    }
}
