package theriseed.server.base;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The screens' types are made from this description; {@code bin/api-types} makes both anew. */
@DemoFarmTest
class ApiDescriptionTest {
    private static final Path KEPT = Path.of("../web/src/lib/api/openapi.json");

    @LocalServerPort
    int port;

    @Test
    void theScreensWereMadeForThisServer() throws IOException {
        JsonMapper json =
                JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
        String now = json.writeValueAsString(
                        Client.as("visitor", port).get("/api/openapi").ok())
                + "\n";
        if (Boolean.getBoolean("api.write")) {
            Files.writeString(KEPT, now);
        }
        assertThat(json.readTree(Files.readString(KEPT)))
                .as("web/src/lib/api/openapi.json; make it anew with bin/api-types")
                .isEqualTo(json.readTree(now));
    }
}
