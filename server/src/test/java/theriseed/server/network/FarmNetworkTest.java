package theriseed.server.network;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.FilterChain;
import java.net.InetAddress;
import java.nio.file.Path;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import theriseed.server.base.ContentPolicy;
import tools.jackson.databind.json.JsonMapper;

class FarmNetworkTest {
    private static final Instant BEGUN = Instant.parse("2026-12-01T08:00:00Z");

    @TempDir
    Path folder;

    Instant now = BEGUN;
    FarmNetwork network;

    @BeforeEach
    void begins() throws Exception {
        InstantSource machine = () -> now;
        network = new FarmNetwork(folder, "Skerrow", 8461, 8460, machine.withZone(ZoneOffset.UTC));
        network.standsAt(List.of(at("192.168.1.20"), at("10.0.0.7")), "skerrow.local");
    }

    private static InetAddress at(String address) throws Exception {
        return InetAddress.getByName(address);
    }

    private List<Object> vouchedFor() throws Exception {
        X509Certificate certificate =
                (X509Certificate) network.bundle().getStores().getKeyStore().getCertificate(FarmAuthority.ALIAS);
        return certificate.getSubjectAlternativeNames().stream()
                .<Object>map(name -> name.get(1))
                .toList();
    }

    @Test
    void theNameIsTheBestAddressAndTheTrustPageGoesByNumber() throws Exception {
        assertThat(network.secureAddresses())
                .containsExactly("https://skerrow.local:8461", "https://192.168.1.20:8461", "https://10.0.0.7:8461");
        assertThat(network.trustPage()).isEqualTo("http://192.168.1.20:8460/trust");
        assertThat(vouchedFor()).containsExactly("localhost", "skerrow.local", "192.168.1.20", "10.0.0.7", "127.0.0.1");
    }

    @Test
    void anotherAddressIsVouchedForAndAnswered() throws Exception {
        assertThat(network.standsAt(List.of(at("192.168.1.21")), "skerrow.local"))
                .isTrue();
        assertThat(vouchedFor()).contains("192.168.1.21").doesNotContain("192.168.1.20");
        assertThat(network.has("192.168.1.21")).isTrue();
        assertThat(network.has("192.168.1.20")).isFalse();
        assertThat(network.has("evil.local")).isFalse();
    }

    @Test
    void aNameThatAnotherMachineHadAlreadyGivesWay() throws Exception {
        assertThat(network.standsAt(List.of(at("192.168.1.20"), at("10.0.0.7")), "skerrow-2.local"))
                .isTrue();
        assertThat(network.secureAddresses()).first().isEqualTo("https://skerrow-2.local:8461");
        assertThat(vouchedFor()).contains("skerrow-2.local");
        assertThat(network.has("skerrow-2.local")).isTrue();
    }

    @Test
    void theCertificateIsRenewedBeforeItEndsAndNotOtherwise() throws Exception {
        List<InetAddress> same = List.of(at("192.168.1.20"), at("10.0.0.7"));
        now = BEGUN.plus(Duration.ofDays(366));
        assertThat(network.standsAt(same, "skerrow.local")).isFalse();
        now = BEGUN.plus(Duration.ofDays(368));
        assertThat(network.standsAt(same, "skerrow.local")).isTrue();
        assertThat(network.standsAt(same, "skerrow.local")).isFalse();
    }

    @Test
    void inNoNetworkThereIsNowhereToBegin() {
        network.standsAt(List.of(), null);
        assertThat(network.secureAddresses()).isEmpty();
        assertThat(network.trustPage()).isNull();
    }

    /** What comes over the network without HTTPS: let through, refused, or led to where trusting is told. */
    @ParameterizedTest
    @CsvSource({
        "192.168.1.5, http, /trust, 200",
        "192.168.1.5, http, /api/network, 200",
        "192.168.1.5, http, /api/network/authority.crt, 200",
        "192.168.1.5, http, /_app/immutable/entry/start.js, 200",
        "192.168.1.5, http, /today, 302",
        "192.168.1.5, http, /, 302",
        "192.168.1.5, http, /api/session, 403",
        "192.168.1.5, http, /api/calendar/feed.ics, 403",
        "192.168.1.5, https, /api/session, 200",
        "192.168.1.5, https, /today, 200",
        "127.0.0.1, http, /api/session, 200",
        "::1, http, /today, 200"
    })
    void withoutHttpsOnlyTrustingIsTold(String from, String scheme, String path, int status) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", path);
        request.setRemoteAddr(from);
        request.setScheme(scheme);
        request.setSecure(scheme.equals("https"));
        MockHttpServletResponse response = new MockHttpServletResponse();
        FilterChain inside = (asked, answered) -> answered.getWriter().write("inside");
        new PlainDoor(network, new JsonMapper()).doFilter(request, response, inside);
        assertThat(response.getStatus()).isEqualTo(status);
        assertThat(response.getContentAsString().equals("inside")).isEqualTo(status == 200);
    }

    @Test
    void thePageThatTellsOfTrustMayAskWhetherTheFarmOpens() throws Exception {
        MockHttpServletResponse response = new MockHttpServletResponse();
        new PlainDoor(network, new JsonMapper())
                .doFilter(new MockHttpServletRequest("GET", "/trust"), response, (asked, answered) -> {});
        assertThat(response.getHeader(ContentPolicy.HEADER))
                .contains("connect-src 'self' https://skerrow.local:8461 https://192.168.1.20:8461 ");
    }
}
