package theriseed.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;

/** A wet crop and a dry one, from the ground to the customer, on the demo farm. */
@DemoFarmTest
class WholeWayTest {
    @LocalServerPort
    int port;

    static Stream<SeedCrop> crops() {
        return Stream.of(
                SeedCrop.tomato("Tide Lamp", 2026, "2026-07-24"), SeedCrop.kale("Long Shore", 2026, "2026-07-30"));
    }

    @ParameterizedTest
    @MethodSource("crops")
    void fromTheGroundToTheCustomer(SeedCrop crop) {
        try (Person grower = Person.atDesk(port).signedIn("grower")) {
            WholeWay way = new WholeWay(grower, crop);
            way.plot(false);
            way.variety();
            way.planting();
            way.walk();
            way.harvest();
            way.bench();
            way.tests();
            way.stall();
            way.history();
            assertThat(grower.complaints).isEmpty();
        }
    }
}
