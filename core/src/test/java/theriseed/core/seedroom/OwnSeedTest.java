package theriseed.core.seedroom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.measure.OutOfRange;

class OwnSeedTest {
    private static final Crop PEA = CropTable.shipped().find("pea").orElseThrow();

    @Test
    void isEnoughForThePlantsItsGradeNeedsAndForOneMoreSowing() {
        OwnSeed own = OwnSeed.of(PEA, Grade.MARKET, 90, 240, 98).orElseThrow();
        assertThat(own.plants()).isEqualTo((int) PEA.plants().of(Grade.MARKET));
        assertThat(own.seeds()).isGreaterThan(own.plants());
        assertThat(own.grams()).isGreaterThanOrEqualTo(own.seeds() * 0.24);
        assertThat(own.keep()).isEqualTo(Math.ceil(2 * own.grams()));
    }

    @Test
    void takesMoreOfSeedThatGerminatesWorseOrIsLessPure() {
        double good = OwnSeed.of(PEA, Grade.MARKET, 95, 240, 99).orElseThrow().grams();
        assertThat(OwnSeed.of(PEA, Grade.MARKET, 60, 240, 99).orElseThrow().grams())
                .isGreaterThan(good);
        assertThat(OwnSeed.of(PEA, Grade.MARKET, 95, 240, 80).orElseThrow().grams())
                .isGreaterThan(good);
        assertThat(OwnSeed.of(PEA, Grade.STOCK, 95, 240, 99).orElseThrow().grams())
                .isGreaterThan(good);
    }

    @Test
    void nothingIsToldOfDeadSeedNorOfNoWeight() {
        assertThat(OwnSeed.of(PEA, Grade.MARKET, 0, 240, 99)).isEmpty();
        assertThatThrownBy(() -> OwnSeed.of(PEA, Grade.MARKET, 90, 0, 99)).isInstanceOf(OutOfRange.class);
    }
}
