package theriseed.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The server: one module for each part of the farm's work. */
@SpringBootApplication
public class Theriseed {
    public static void main(String[] arguments) {
        SpringApplication.run(Theriseed.class, arguments);
    }
}
