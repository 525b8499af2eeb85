package theriseed.server.network;

import org.apache.catalina.connector.Connector;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.ssl.SslBundleRegistrar;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Profile;

/** Two doors: HTTPS with the farm's own certificate, and a plain one for this machine and for whoever does not trust yet. */
@Configuration(proxyBeanMethods = false)
@Profile("lan")
class SecureDoor {
    static final String BUNDLE = "farm";

    @Bean
    SslBundleRegistrar farmsCertificate(FarmNetwork network) {
        return bundles -> bundles.registerBundle(BUNDLE, network.bundle());
    }

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> doorBeside(
            @Value("${theriseed.lan.plain-port}") int port) {
        return server -> {
            Connector plain = new Connector();
            plain.setPort(port);
            server.addAdditionalConnectors(plain);
        };
    }
}
