package theriseed.server.network;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigInteger;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.PublicKey;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.Date;
import java.util.HexFormat;
import java.util.stream.Stream;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.cert.X509v3CertificateBuilder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * The certificate authority of this farm, which its phones trust. It is made here once, and vouches through one whose key
 * never leaves the machine; its own key is forgotten as soon as it has vouched for that one. Both can vouch for nothing but
 * names that end in {@code .local}, this machine itself, and addresses of private networks (RFC 1918, RFC 4193, link-local;
 * limits by RFC 5280, 4.2.1.10): whoever stole the key could not pose as anything on the internet.
 */
final class FarmAuthority {
    private static final Duration LASTS = Duration.ofDays(3652);

    /** Phones take no certificate of a server that is good for longer than 398 days, whoever made it. */
    static final Duration CERTIFICATE_LASTS = Duration.ofDays(397);

    /** Phones whose clocks are behind must find it good already. */
    private static final Duration CLOCKS_DIFFER_BY = Duration.ofDays(2);

    private static final String[] NAMES = {"local", "localhost"};
    private static final String[] NETWORKS = {
        "10.0.0.0/8", "172.16.0.0/12", "192.168.0.0/16", "169.254.0.0/16", "127.0.0.0/8", "fc00::/7", "fe80::/10"
    };
    private static final String SIGNED_WITH = "SHA256withECDSA";

    private static final String NAMED = "CN=";

    static final String ALIAS = "theriseed";

    /** The form of the file asks for one; what guards the file is that nobody else may read it. */
    private static final char[] FILE_PASSWORD = ALIAS.toCharArray();

    /** Of the one that vouches for servers. */
    private final PrivateKey key;

    private final X509Certificate vouching;

    /** What phones trust. */
    private final X509Certificate trusted;

    private FarmAuthority(PrivateKey key, X509Certificate vouching, X509Certificate trusted) {
        this.key = key;
        this.vouching = vouching;
        this.trusted = trusted;
    }

    /** The one whose key lies in the folder; made there when none does, or when the one there has ended. */
    static FarmAuthority keptIn(Path folder, Instant now) {
        Path file = folder.resolve("authority.p12");
        try {
            if (Files.exists(file)) {
                FarmAuthority kept = read(file);
                if (kept.until().isAfter(now)) {
                    return kept;
                }
            }
            FarmAuthority made = made(now);
            Files.createDirectories(folder);
            Files.deleteIfExists(file);
            Files.createFile(file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            made.write(file);
            return made;
        } catch (IOException | GeneralSecurityException unusable) {
            throw new IllegalStateException("The authority of this farm in " + file + " cannot be used", unusable);
        }
    }

    private static FarmAuthority read(Path file) throws IOException, GeneralSecurityException {
        try (InputStream from = Files.newInputStream(file)) {
            KeyStore store = store(from);
            Certificate[] chain = store.getCertificateChain(ALIAS);
            return new FarmAuthority(
                    (PrivateKey) store.getKey(ALIAS, FILE_PASSWORD), (X509Certificate) chain[0], (X509Certificate)
                            chain[1]);
        }
    }

    private void write(Path file) throws IOException, GeneralSecurityException {
        try (OutputStream to = Files.newOutputStream(file)) {
            KeyStore store = store(null);
            store.setKeyEntry(ALIAS, key, FILE_PASSWORD, new Certificate[] {vouching, trusted});
            store.store(to, FILE_PASSWORD);
        }
    }

    /** @param from null for one with nothing in it */
    private static KeyStore store(InputStream from) throws IOException, GeneralSecurityException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        store.load(from, FILE_PASSWORD);
        return store;
    }

    private static FarmAuthority made(Instant now) {
        try {
            byte[] sign = new byte[4];
            new SecureRandom().nextBytes(sign);
            X500Name name = new X500Name(NAMED + "Theriseed of this farm "
                    + HexFormat.of().withUpperCase().formatHex(sign));
            KeyPair forgotten = newKeys();
            X509Certificate trusted =
                    signed(authority(name, name, forgotten.getPublic(), 1, now), forgotten.getPrivate());
            KeyPair kept = newKeys();
            X509v3CertificateBuilder vouching =
                    authority(name, new X500Name(name + " on its machine"), kept.getPublic(), 0, now);
            return new FarmAuthority(kept.getPrivate(), signed(vouching, forgotten.getPrivate()), trusted);
        } catch (GeneralSecurityException | OperatorException | IOException failed) {
            throw new IllegalStateException("No authority could be made", failed);
        }
    }

    /**
     * @param below how many more authorities may stand between it and a server
     */
    private static X509v3CertificateBuilder authority(X500Name by, X500Name of, PublicKey key, int below, Instant now)
            throws GeneralSecurityException, IOException {
        return builder(by, of, key, now, now.plus(LASTS))
                .addExtension(Extension.basicConstraints, true, new BasicConstraints(below))
                .addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign))
                .addExtension(Extension.nameConstraints, true, privateNetworksOnly());
    }

    private static NameConstraints privateNetworksOnly() {
        return new NameConstraints(
                Stream.concat(
                                Arrays.stream(NAMES).map(name -> new GeneralName(GeneralName.dNSName, name)),
                                Arrays.stream(NETWORKS).map(net -> new GeneralName(GeneralName.iPAddress, net)))
                        .map(GeneralSubtree::new)
                        .toArray(GeneralSubtree[]::new),
                null);
    }

    /** A new key with a certificate for these names and addresses, good from now for {@link #CERTIFICATE_LASTS}. */
    KeyStore vouchFor(Collection<String> names, Collection<InetAddress> addresses, char[] password, Instant now) {
        try {
            KeyPair pair = newKeys();
            Instant until = now.plus(CERTIFICATE_LASTS).isBefore(until()) ? now.plus(CERTIFICATE_LASTS) : until();
            GeneralName[] told = Stream.concat(
                            names.stream().map(name -> new GeneralName(GeneralName.dNSName, name)),
                            addresses.stream().map(at -> new GeneralName(GeneralName.iPAddress, at.getHostAddress())))
                    .toArray(GeneralName[]::new);
            JcaX509ExtensionUtils extensions = new JcaX509ExtensionUtils();
            X509v3CertificateBuilder builder = builder(
                            X500Name.getInstance(
                                    vouching.getSubjectX500Principal().getEncoded()),
                            new X500Name("CN=Theriseed"),
                            pair.getPublic(),
                            now,
                            until)
                    .addExtension(
                            Extension.authorityKeyIdentifier, false, extensions.createAuthorityKeyIdentifier(vouching))
                    .addExtension(Extension.basicConstraints, true, new BasicConstraints(false))
                    .addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature))
                    .addExtension(
                            Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth))
                    .addExtension(Extension.subjectAlternativeName, false, new GeneralNames(told));
            KeyStore store = store(null);
            store.setKeyEntry(ALIAS, pair.getPrivate(), password, new Certificate[] {signed(builder, key), vouching});
            return store;
        } catch (GeneralSecurityException | OperatorException | IOException failed) {
            throw new IllegalStateException("No certificate could be made for " + names + " " + addresses, failed);
        }
    }

    /** What phones trust; it holds no secret. */
    X509Certificate certificate() {
        return trusted;
    }

    /** What a phone shows it as. */
    String name() {
        return trusted.getSubjectX500Principal().getName().substring(NAMED.length());
    }

    Instant until() {
        return trusted.getNotAfter().toInstant();
    }

    /** SHA-256 of the certificate, in pairs of hexadecimal digits, as phones show it. */
    String fingerprint() {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(trusted.getEncoded());
            return HexFormat.ofDelimiter(" ").withUpperCase().formatHex(digest);
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static KeyPair newKeys() throws GeneralSecurityException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(new ECGenParameterSpec("secp256r1"));
        return generator.generateKeyPair();
    }

    private static X509v3CertificateBuilder builder(X500Name by, X500Name of, PublicKey key, Instant now, Instant until)
            throws GeneralSecurityException, IOException {
        return new JcaX509v3CertificateBuilder(
                        by,
                        new BigInteger(127, new SecureRandom()).setBit(126),
                        Date.from(now.minus(CLOCKS_DIFFER_BY)),
                        Date.from(until),
                        of,
                        key)
                .addExtension(
                        Extension.subjectKeyIdentifier,
                        false,
                        new JcaX509ExtensionUtils().createSubjectKeyIdentifier(key));
    }

    private static X509Certificate signed(X509v3CertificateBuilder builder, PrivateKey with)
            throws GeneralSecurityException, OperatorException {
        return new JcaX509CertificateConverter()
                .getCertificate(builder.build(new JcaContentSignerBuilder(SIGNED_WITH).build(with)));
    }
}
