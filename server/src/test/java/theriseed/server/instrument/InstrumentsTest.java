package theriseed.server.instrument;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import org.junit.jupiter.api.Test;

class InstrumentsTest {
    private static final Instant START = Instant.parse("2026-08-14T06:00:00Z");

    private final SimulatedScale scale = new SimulatedScale();

    private Shown after(double seconds) {
        return scale.shown(START.plusMillis(Math.round(seconds * 1000)));
    }

    @Test
    void aLoadSettlesBeforeItMayBeTaken() {
        scale.put(412.3, START);
        assertThat(after(0.4).steady()).isFalse();
        assertThat(after(0.4).value()).isNotEqualTo(412.3);
        assertThat(after(2.5).steady()).isTrue();
        assertThat(after(2.5).value()).isEqualTo(412.3);
    }

    @Test
    void theTrayIsTakenOffAndItsNothingCreeps() {
        scale.put(250, START);
        scale.tare(START.plusSeconds(5));
        scale.put(750, START.plusSeconds(10));
        assertThat(after(15).value()).isEqualTo(500);
        assertThat(after(3 * 3600).value()).as("after three hours").isEqualTo(501.2);
        assertThat(after(300 * 3600).value())
                .as("no further than it ever creeps")
                .isEqualTo(502);
    }

    @Test
    void anUnpluggedScaleShowsNothing() {
        scale.put(250, START);
        scale.plug(false);
        assertThat(after(5).value()).isNull();
        assertThat(after(5).steady()).isFalse();
        scale.plug(true);
        assertThat(after(5).value()).isEqualTo(250);
    }
}
