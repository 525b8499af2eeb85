package theriseed.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;

/**
 * An address that stays while the server behind it goes away and another comes: what is sent to it is passed on, and
 * nobody answers while nobody is behind.
 */
final class Door implements AutoCloseable {
    private static final int NOBODY = 0;

    private final ServerSocket front;
    private volatile int behind = NOBODY;

    Door() {
        try {
            front = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        } catch (IOException refused) {
            throw new UncheckedIOException(refused);
        }
        apart(this::open);
    }

    int port() {
        return front.getLocalPort();
    }

    void leadsTo(int port) {
        behind = port;
    }

    void leadsNowhere() {
        behind = NOBODY;
    }

    @Override
    public void close() throws IOException {
        front.close();
    }

    private void open() {
        while (!front.isClosed()) {
            try {
                lead(front.accept());
            } catch (IOException gone) {
                continue;
            }
        }
    }

    private void lead(Socket guest) throws IOException {
        if (behind == NOBODY) {
            guest.close();
            return;
        }
        Socket host;
        try {
            host = new Socket(InetAddress.getLoopbackAddress(), behind);
        } catch (IOException nobodyThere) {
            guest.close();
            return;
        }
        apart(() -> pass(guest, host));
        apart(() -> pass(host, guest));
    }

    /** Until either hangs up, which the other then hears. */
    private static void pass(Socket from, Socket to) {
        try (from;
                to) {
            from.getInputStream().transferTo(to.getOutputStream());
        } catch (IOException hungUp) {
            return;
        }
    }

    private static void apart(Runnable work) {
        Thread thread = new Thread(work, "door");
        thread.setDaemon(true);
        thread.start();
    }
}
