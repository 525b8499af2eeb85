package theriseed.core.isolation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.CropTable;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.ground.Site;

class NeighbourReportTest {
    private static final BloomWindow JULY = new BloomWindow(LocalDate.of(2026, 7, 1), LocalDate.of(2026, 7, 31));
    private static final Stand CROFT = new Stand(
            CropTable.shipped().find("kale").orElseThrow(),
            "croft",
            Site.of(Place.spot(new LonLat(-24.3, 54.6))),
            10,
            50,
            Optional.of(JULY),
            BloomSpread.ofBoth(3),
            PollenControl.OPEN,
            true,
            Optional.empty(),
            0);

    @Test
    void aPromiseInTimeShedsNothingButIsNotSure() {
        Stand promised = NeighbourReport.cut(CROFT, LocalDate.of(2026, 6, 20), Optional.empty());
        assertThat(promised.control().sheds()).isFalse();
        assertThat(promised.sure()).isFalse();
    }

    @Test
    void whatWasSeenCutBeforeItFloweredIsSure() {
        Stand cut = NeighbourReport.cut(
                CROFT.surely(false), LocalDate.of(2026, 6, 20), Optional.of(LocalDate.of(2026, 6, 25)));
        assertThat(cut.control().sheds()).isFalse();
        assertThat(cut.sure()).isTrue();
    }

    @Test
    void whatItShedBeforeItWasCutIsNotTakenBack() {
        LocalDate middle = LocalDate.of(2026, 7, 12);
        Stand late = NeighbourReport.cut(CROFT, LocalDate.of(2026, 6, 20), Optional.of(middle));
        assertThat(late.bloom()).contains(new BloomWindow(JULY.first(), middle));
        assertThat(late.control().sheds()).isTrue();
        assertThat(late.spread().last()).isEqualTo(BloomSpread.SEEN);
        Stand promised = NeighbourReport.cut(CROFT, middle, Optional.empty());
        assertThat(promised.bloom()).contains(new BloomWindow(JULY.first(), middle));
        assertThat(promised.sure()).isFalse();
        assertThat(NeighbourReport.cut(CROFT, LocalDate.of(2026, 8, 9), Optional.empty()))
                .as("when it is over nothing is won by cutting")
                .isEqualTo(CROFT);
    }

    @Test
    void ofAnUnknownBloomAllUntilTheCutMayHaveFlowered() {
        LocalDate day = LocalDate.of(2026, 6, 25);
        Stand cut = NeighbourReport.cut(CROFT.blooming(Optional.empty()), day, Optional.of(day));
        assertThat(cut.bloom().orElseThrow().last()).isEqualTo(day);
        assertThat(cut.bloom().orElseThrow().days()).isGreaterThan(30);
        assertThat(NeighbourReport.cut(CROFT.blooming(Optional.empty()), day, Optional.empty())
                        .sure())
                .isFalse();
    }

    @Test
    void aPromiseIsLookedAfterFromItsDayWhileThereIsBloomToLose() {
        LocalDate by = LocalDate.of(2026, 6, 20);
        assertThat(NeighbourReport.toBeSeen(by, CROFT.bloom(), by.minusDays(1))).isFalse();
        assertThat(NeighbourReport.toBeSeen(by, CROFT.bloom(), by)).isTrue();
        assertThat(NeighbourReport.toBeSeen(by, CROFT.bloom(), JULY.last())).isTrue();
        assertThat(NeighbourReport.toBeSeen(by, CROFT.bloom(), JULY.last().plusDays(1)))
                .isFalse();
        assertThat(NeighbourReport.toBeSeen(by, Optional.empty(), by.plusDays(20)))
                .isTrue();
    }

    @Test
    void aGardenHasALittleOfAnythingAndAFieldOfNobodyKnowsWhatAllOfIt() {
        assertThat(NeighbourReport.Kind.GARDEN.inFlower(200)).isEqualTo(10);
        assertThat(NeighbourReport.Kind.NOT_TOLD.inFlower(200)).isEqualTo(200);
        assertThat(NeighbourReport.Kind.WILD.cropKnown()).isTrue();
        assertThat(NeighbourReport.Kind.GARDEN.cropKnown()).isFalse();
    }
}
