package theriseed.server.network;

import java.security.cert.CertificateEncodingException;
import java.util.Optional;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import theriseed.server.base.NotFound;

/** Where phones reach the farm, for whoever asks: a phone must know it before anybody signs in. */
@RestController
class NetworkController {
    static final String NETWORK = "/api/network";
    static final String AUTHORITY = "/api/network/authority.crt";

    private final ObjectProvider<FarmNetwork> network;

    NetworkController(ObjectProvider<FarmNetwork> network) {
        this.network = network;
    }

    @GetMapping(NETWORK)
    NetworkView network() {
        FarmNetwork open = network.getIfAvailable();
        return open == null ? NetworkView.CLOSED : NetworkView.of(open);
    }

    /** The certificate that a phone is told to trust; it holds no secret. */
    @GetMapping(AUTHORITY)
    ResponseEntity<byte[]> authority() throws CertificateEncodingException {
        FarmNetwork open = Optional.ofNullable(network.getIfAvailable()).orElseThrow(NotFound.of("authority"));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/x-x509-ca-cert"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("theriseed-of-this-farm.crt")
                                .build()
                                .toString())
                .body(open.authority().certificate().getEncoded());
    }
}
