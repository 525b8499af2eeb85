package theriseed.server.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.security.cert.CertPathValidator;
import java.security.cert.CertificateFactory;
import java.security.cert.PKIXParameters;
import java.security.cert.TrustAnchor;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Date;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FarmAuthorityTest {
    private static final Instant NOW = Instant.parse("2026-12-01T08:00:00Z");
    private static final char[] PASSWORD = "kept by nobody".toCharArray();

    @TempDir
    Path folder;

    /** What a server shows: its own certificate and the one that vouches for it. */
    private List<X509Certificate> vouched(FarmAuthority authority, String name, String address) throws Exception {
        KeyStore store = authority.vouchFor(List.of(name), List.of(InetAddress.getByName(address)), PASSWORD, NOW);
        assertThat(store.getKey(FarmAuthority.ALIAS, PASSWORD)).isNotNull();
        return Arrays.stream(store.getCertificateChain(FarmAuthority.ALIAS))
                .map(X509Certificate.class::cast)
                .toList();
    }

    /** As a phone does that trusts the authority, on that day. */
    private static void check(List<X509Certificate> shown, FarmAuthority authority, Instant on) throws Exception {
        PKIXParameters trusting = new PKIXParameters(Set.of(new TrustAnchor(authority.certificate(), null)));
        trusting.setRevocationEnabled(false);
        trusting.setDate(Date.from(on));
        CertPathValidator.getInstance("PKIX")
                .validate(CertificateFactory.getInstance("X.509").generateCertPath(shown), trusting);
    }

    @ParameterizedTest
    @ValueSource(strings = {"192.168.1.20", "10.0.0.7", "172.20.4.4", "127.0.0.1"})
    void vouchesForMachinesInPrivateNetworks(String address) throws Exception {
        FarmAuthority authority = FarmAuthority.keptIn(folder, NOW);
        List<X509Certificate> shown = vouched(authority, "theriseed.local", address);
        check(shown, authority, NOW);
        assertThat(shown.get(0).getSubjectAlternativeNames())
                .extracting(name -> (Object) name.get(1))
                .containsExactly("theriseed.local", address);
        assertThat(shown.get(0).getExtendedKeyUsage()).containsExactly("1.3.6.1.5.5.7.3.1");
    }

    @ParameterizedTest
    @ValueSource(strings = {"203.0.113.9", "172.32.0.1", "192.167.255.255"})
    void vouchesForNothingOnTheInternet(String address) throws Exception {
        FarmAuthority authority = FarmAuthority.keptIn(folder, NOW);
        List<X509Certificate> shown = vouched(authority, "theriseed.local", address);
        assertThatThrownBy(() -> check(shown, authority, NOW)).hasMessageContaining("name constraint");
    }

    @Test
    void vouchesForNoNameOnTheInternet() throws Exception {
        FarmAuthority authority = FarmAuthority.keptIn(folder, NOW);
        List<X509Certificate> shown = vouched(authority, "farm.example.org", "192.168.1.20");
        assertThatThrownBy(() -> check(shown, authority, NOW)).hasMessageContaining("name constraint");
    }

    @Test
    void phonesTakeItsCertificatesForAYearAndNoLonger() throws Exception {
        FarmAuthority authority = FarmAuthority.keptIn(folder, NOW);
        List<X509Certificate> shown = vouched(authority, "theriseed.local", "192.168.1.20");
        assertThat(Duration.between(
                        shown.get(0).getNotBefore().toInstant(),
                        shown.get(0).getNotAfter().toInstant()))
                .isLessThan(Duration.ofDays(400));
        assertThatCode(() -> check(shown, authority, NOW.plus(Duration.ofDays(396))))
                .doesNotThrowAnyException();
        assertThatThrownBy(() -> check(shown, authority, NOW.plus(Duration.ofDays(398))))
                .hasMessageContaining("validity");
    }

    @Test
    void isTheSameAtEveryStartUntilItEnds() throws Exception {
        FarmAuthority first = FarmAuthority.keptIn(folder, NOW);
        FarmAuthority again = FarmAuthority.keptIn(folder, NOW.plus(Duration.ofDays(3000)));
        assertThat(again.fingerprint()).isEqualTo(first.fingerprint());
        check(vouched(again, "theriseed.local", "192.168.1.20"), first, NOW);
        FarmAuthority next = FarmAuthority.keptIn(folder, NOW.plus(Duration.ofDays(3653)));
        assertThat(next.fingerprint()).isNotEqualTo(first.fingerprint());
        assertThat(next.name()).startsWith("Theriseed of this farm ").isNotEqualTo(first.name());
    }

    @Test
    void nobodyElseReadsItsKey() throws Exception {
        FarmAuthority.keptIn(folder.resolve("network"), NOW);
        assertThat(PosixFilePermissions.toString(
                        Files.getPosixFilePermissions(folder.resolve("network/authority.p12"))))
                .isEqualTo("rw-------");
    }

    @Test
    void aFileThatIsNoAuthorityIsNamed() throws Exception {
        Files.writeString(folder.resolve("authority.p12"), "something else");
        assertThatThrownBy(() -> FarmAuthority.keptIn(folder, NOW)).hasMessageContaining("authority.p12");
    }
}
