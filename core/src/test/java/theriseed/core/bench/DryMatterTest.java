package theriseed.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import theriseed.core.drying.Moisture;

class DryMatterTest {
    @Test
    void whatNobodyWeighedIsUnseen() {
        DryMatter dry = DryMatter.of(1000, 1150, 1150, 400, 600, 10, true);
        assertThat(dry.in()).isEqualTo(1000);
        assertThat(dry.out()).isCloseTo(360, within(1e-9));
        assertThat(dry.left()).isCloseTo(540, within(1e-9));
        assertThat(dry.unseen()).isCloseTo(100, within(1e-9));
    }

    @Test
    void onlyWhatWentInOfItCounts() {
        assertThat(DryMatter.of(1000, 1100, 550, 500, 0, 9, false).in()).isCloseTo(500, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 100, 5000})
    void noStepMakesDryMatter(double byProduct) {
        DryMatter dry = DryMatter.of(80, 1000, 1000, 1000, byProduct, 50, false);
        assertThat(dry.out() + dry.left() + dry.unseen()).isCloseTo(80, within(1e-9));
        assertThat(Stream.of(dry.out(), dry.left(), dry.unseen())).allMatch(part -> part >= 0);
    }

    @Test
    void dryingTellsHowMoistItWas() {
        double moisture = DryMatter.moistureBeforeDrying(560, 204, 6.1);
        assertThat(moisture).isCloseTo(65.79, within(0.01));
        assertThat(Moisture.dry(560, moisture)).isCloseTo(Moisture.dry(204, 6.1), within(1e-9));
    }
}
