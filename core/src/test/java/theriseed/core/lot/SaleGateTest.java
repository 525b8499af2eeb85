package theriseed.core.lot;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.isolation.Verdict;
import theriseed.core.lot.SaleGate.Caution;
import theriseed.core.lot.SaleGate.Known;
import theriseed.core.lot.SaleGate.Reason;
import theriseed.core.quality.GerminationTest;
import theriseed.core.quality.SeedWeight;
import theriseed.core.roguing.WalkVerdict;

class SaleGateTest {
    private static final Crop KALE = CropTable.shipped().find("kale").orElseThrow();
    private static final SeedWeight EVEN = SeedWeight.of(0.38, 0.39, 0.38, 0.37);
    private static final SeedWeight UNEVEN = SeedWeight.of(0.38, 0.59, 0.38, 0.27);

    private static Known kale(Grade grade, Verdict isolation, GerminationTest test, long age, boolean hold) {
        return new Known(
                grade,
                KALE,
                isolation,
                80,
                Optional.of(WalkVerdict.of(grade, 0, 400, 400)),
                false,
                true,
                OptionalDouble.of(8),
                Optional.of(EVEN),
                Optional.of(test),
                age,
                hold);
    }

    @Test
    void aGoodLotPasses() {
        SaleGate gate =
                SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, GerminationTest.of(100, 91, 88, 90, 92), 20, false));
        assertThat(gate.mayBeSold()).isTrue();
        assertThat(gate.cautions()).isEmpty();
    }

    @Test
    void everyReasonIsListedNotOnlyTheFirst() {
        Known lot = new Known(
                Grade.STOCK,
                KALE,
                Verdict.CROSSES,
                80,
                Optional.of(WalkVerdict.of(Grade.STOCK, 3, 80, 80)),
                true,
                false,
                OptionalDouble.of(14),
                Optional.of(UNEVEN),
                Optional.of(GerminationTest.of(100, 80, 60, 70, 75)),
                400,
                true);
        assertThat(SaleGate.of(lot).reasons())
                .containsExactly(
                        Reason.ISOLATION_FAILED,
                        Reason.OFF_TYPES_OVER,
                        Reason.SHED_UNDECIDED,
                        Reason.NOT_CLEAN,
                        Reason.NOT_DRY,
                        Reason.SEED_WEIGHT_UNEVEN,
                        Reason.REPLICATES_DISAGREE,
                        Reason.TEST_RUN_OUT,
                        Reason.BELOW_STANDARD,
                        Reason.ON_HOLD);
        assertThat(SaleGate.of(lot).cautions()).containsExactly(Caution.FEW_PLANTS);
    }

    @Test
    void whatWasNeverDoneHoldsALotBack() {
        Known lot = new Known(
                Grade.OWN_USE,
                KALE,
                Verdict.CLEAR,
                30,
                Optional.empty(),
                false,
                true,
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                0,
                false);
        assertThat(SaleGate.of(lot).reasons())
                .containsExactly(Reason.OWN_USE_ONLY, Reason.NOT_WALKED, Reason.SEED_WEIGHT_UNKNOWN, Reason.UNTESTED);
    }

    @Test
    void stockSeedMustGerminateFivePointsBetter() {
        GerminationTest at77 = GerminationTest.of(100, 77, 77, 77, 77);
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, at77, 1, false))
                        .mayBeSold())
                .isTrue();
        assertThat(SaleGate.of(kale(Grade.STOCK, Verdict.CLEAR, at77, 1, false)).reasons())
                .containsExactly(Reason.BELOW_STANDARD);
    }

    @Test
    void tightIsolationAndAStandardHardlyReachedAreCautions() {
        GerminationTest hardly = GerminationTest.of(100, 76, 75, 77, 76);
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.TIGHT, hardly, 1, false))
                        .cautions())
                .containsExactly(Caution.STANDARD_NOT_SHOWN, Caution.ISOLATION_TIGHT);
    }

    @Test
    void aTestCountsForAYear() {
        GerminationTest good = GerminationTest.of(100, 91, 88, 90, 92);
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, good, 365, false))
                        .mayBeSold())
                .isTrue();
        assertThat(SaleGate.of(kale(Grade.MARKET, Verdict.CLEAR, good, 366, false))
                        .reasons())
                .containsExactly(Reason.TEST_RUN_OUT);
    }
}
