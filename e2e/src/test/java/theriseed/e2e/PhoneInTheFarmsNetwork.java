package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;

/**
 * A phone beside the farm's machine, in a network that {@code bin/check-hosting} has laid, with nothing else in it: from the
 * first code to work without a signal. The farm is new: nobody has an account yet.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PhoneInTheFarmsNetwork {
    /** The farm's machine; it is moved to the other address in the middle. */
    private static final String MACHINE = System.getenv("FARM_MACHINE");

    private static final String MOVED_TO = System.getenv("FARM_MACHINE_MOVED_TO");
    private static final int PLAIN = Integer.parseInt(System.getenv("FARM_PLAIN_PORT"));
    private static final int SECURE = PLAIN + 1;

    /** A command that gives the machine its other address, as a router does. */
    private static final List<String> MOVE = List.of(System.getenv("FARM_MOVE").split(" "));

    private static final String NAMED = "https://theriseed.local:" + SECURE;

    @TempDir
    Path home;

    @Test
    @Order(1)
    void comesToTrustTheFarmAndWorksThereWithoutASignal() throws Exception {
        String trustPage = "http://" + MACHINE + ":" + PLAIN + "/trust";
        try (Browser doubting = phone();
                BrowserContext context = doubting.newContext()) {
            Page page = context.newPage();
            page.navigate("http://" + MACHINE + ":" + PLAIN + "/today");
            assertThat(page).hasURL(trustPage);
            assertThat(page.getByText("does not trust the farm yet")).isVisible();
            assertThat(context.request()
                            .get("http://" + MACHINE + ":" + PLAIN + "/api/session")
                            .status())
                    .isEqualTo(403);
            assertThatThrownBy(() -> context.newPage().navigate(NAMED))
                    .hasMessageContaining("ERR_CERT_AUTHORITY_INVALID");
            trust(page.waitForDownload(link(page, "Take the certificate")::click));
        }
        try (Browser trusting = phone();
                BrowserContext context =
                        trusting.newContext(new Browser.NewContextOptions().setPermissions(List.of("camera")))) {
            Page page = context.newPage();
            page.navigate(trustPage);
            link(page, "Open the farm").click();
            assertThat(page).hasURL(Pattern.compile(NAMED + "/.*"));
            begins(page);
            assertThat((Boolean) page.evaluate("isSecureContext")).isTrue();
            assertThat(context.cookies(NAMED))
                    .filteredOn(cookie -> cookie.name.equals("theriseed"))
                    .allMatch(cookie -> cookie.secure && cookie.httpOnly)
                    .hasSize(1);
            assertThat((Integer) page.evaluate("""
                    async () => {
                        const camera = await navigator.mediaDevices.getUserMedia({ video: true });
                        return camera.getVideoTracks().length;
                    }""")).isEqualTo(1);
            page.evaluate("navigator.serviceWorker.ready.then(() => true)");
            page.navigate(NAMED + "/today");
            assertThat(heading(page)).isVisible();
            context.setOffline(true);
            page.reload();
            assertThat(heading(page)).isVisible();
            context.setOffline(false);
        }
    }

    @Test
    @Order(2)
    void isFoundByItsNameAndFollowsTheMachineToAnotherAddress() throws Exception {
        assertThat(calledOut(InetAddress.getByName(MACHINE))).isTrue();
        run(MOVE);
        Instant until = Instant.now().plus(Duration.ofMinutes(1));
        while (!calledOut(InetAddress.getByName(MOVED_TO))) {
            assertThat(Instant.now()).as("the name leads to the other address").isBefore(until);
        }
        try (Browser doubting = phone(MOVED_TO);
                BrowserContext context = doubting.newContext()) {
            Page page = context.newPage();
            page.navigate("http://" + MOVED_TO + ":" + PLAIN);
            trust(page.waitForDownload(link(page, "Take the certificate")::click));
        }
        try (Browser trusting = phone(MOVED_TO);
                BrowserContext context = trusting.newContext()) {
            Page page = context.newPage();
            page.navigate("https://" + MOVED_TO + ":" + SECURE);
            page.navigate(NAMED);
        }
    }

    private Browser phone() {
        return phone(MACHINE);
    }

    /** A browser with the phone's own list of whom it trusts, which finds the name as a phone does. */
    private Browser phone(String machine) {
        return Chromium.started(
                Map.of("HOME", home.toString()),
                List.of(
                        "--host-resolver-rules=MAP theriseed.local " + machine,
                        "--use-fake-device-for-media-stream",
                        "--use-fake-ui-for-media-stream"));
    }

    /** As the settings of a phone do. */
    private void trust(Download certificate) throws IOException, InterruptedException {
        Path file = home.resolve("taken.crt");
        certificate.saveAs(file);
        Path list = Files.createDirectories(home.resolve(".pki/nssdb"));
        run(List.of("certutil", "-N", "-d", "sql:" + list, "--empty-password"));
        run(List.of("certutil", "-A", "-d", "sql:" + list, "-t", "C,,", "-n", "farm", "-i", file.toString()));
    }

    /** The first page of a new farm. */
    private static void begins(Page page) {
        Map.of(
                        "Name of the farm", "Long Strand",
                        "Latitude", "54",
                        "Longitude", "-20",
                        "Coldest month", "4",
                        "Warmest month", "17",
                        "Time zone", "UTC",
                        "Your name", "ann",
                        "Password", "nine wet geese over a dyke")
                .forEach((label, value) -> page.getByLabel(label).fill(value));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make the farm"))
                .click();
        assertThat(page).hasURL(Pattern.compile(".*/field"));
    }

    private static Locator heading(Page page) {
        return page.getByRole(AriaRole.HEADING).first();
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    private static void run(List<String> command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as("%s: %s", command, said).isZero();
    }

    /** Whether somebody in the network answers that theriseed.local is there (RFC 6762, a question for one answer). */
    private static boolean calledOut(InetAddress at) throws IOException {
        byte[] question = ("\0\0\0\0\0\1\0\0\0\0\0\0" + "\11theriseed" + "\5local" + "\0\0\1\200\1")
                .getBytes(StandardCharsets.ISO_8859_1);
        try (DatagramSocket socket = new DatagramSocket()) {
            socket.setSoTimeout(1000);
            socket.send(new DatagramPacket(question, question.length, InetAddress.getByName("224.0.0.251"), 5353));
            byte[] answer = new byte[1500];
            DatagramPacket packet = new DatagramPacket(answer, answer.length);
            socket.receive(packet);
            // The address stands last in the answer to a question for one.
            String said = new String(answer, 0, packet.getLength(), StandardCharsets.ISO_8859_1);
            return said.contains(new String(at.getAddress(), StandardCharsets.ISO_8859_1));
        } catch (SocketTimeoutException nobody) {
            return false;
        }
    }
}
