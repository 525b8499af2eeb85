package theriseed.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import org.junit.jupiter.api.Test;
import theriseed.core.measure.OutOfRange;

class AlkalineWashTest {
    private static final Instant TEN = Instant.parse("2026-08-14T10:00:00Z");

    private static AlkalineWash at(String time) {
        return AlkalineWash.of(TEN, 20, Instant.parse("2026-08-14T" + time + "Z"));
    }

    @Test
    void itCountsDownToTheMinuteAndPastIt() {
        assertThat(at("10:00:00").left()).isEqualTo(20);
        assertThat(at("10:12:30").left()).isEqualTo(7.5);
        assertThat(at("10:12:30").stands()).isEqualTo(AlkalineWash.Stands.IN);
        assertThat(at("10:20:00").stands()).isEqualTo(AlkalineWash.Stands.OUT_NOW);
        assertThat(at("10:39:59").stands()).isEqualTo(AlkalineWash.Stands.OUT_NOW);
        assertThat(at("10:40:00").stands()).isEqualTo(AlkalineWash.Stands.TOO_LONG);
        assertThat(at("10:40:00").outAt()).isEqualTo(Instant.parse("2026-08-14T10:20:00Z"));
    }

    @Test
    void hoursAreRefused() {
        assertThatThrownBy(() -> AlkalineWash.of(TEN, 241, TEN)).isInstanceOf(OutOfRange.class);
        assertThatThrownBy(() -> AlkalineWash.of(TEN, 0, TEN)).isInstanceOf(OutOfRange.class);
    }
}
