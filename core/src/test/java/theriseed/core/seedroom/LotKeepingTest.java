package theriseed.core.seedroom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.seedroom.LotKeeping.Better;
import theriseed.core.seedroom.LotKeeping.Container;
import theriseed.core.seedroom.LotKeeping.Gain;
import theriseed.core.seedroom.LotKeeping.MoistureBy;
import theriseed.core.seedroom.LotKeeping.Move;
import theriseed.core.seedroom.LotKeeping.Seed;
import theriseed.core.seedroom.ShelfAir.Air;

class LotKeepingTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 8, 14);
    private static final LocalDate TESTED = TODAY.minusYears(2);
    private static final ShelfAir WARM = new ShelfAir(new Air(22, 60), Map.of());
    private static final ShelfAir COOL = new ShelfAir(new Air(6, 40), Map.of());

    private final Crop onion = crop("onion");

    private static Crop crop(String key) {
        return CropTable.shipped().find(key).orElseThrow();
    }

    private Seed seed(Optional<SeedMoisture> moisture) {
        return new Seed(onion, Grade.MARKET, new Keeping.Tested(TESTED, 92, 88, 95), moisture, false);
    }

    private static Optional<SeedMoisture> measured(double percent) {
        return Optional.of(SeedMoisture.measured(percent, SeedMoisture.METER_OFF));
    }

    private static Container on(ShelfAir air, boolean sealed) {
        return new Container(sealed, List.of(new Move(TESTED.minusDays(30), air == WARM ? "loft" : "cellar", air)));
    }

    private LotKeeping kept(Container... containers) {
        return LotKeeping.of(seed(Optional.empty()), List.of(containers), TODAY).orElseThrow();
    }

    @Test
    void aLotIsAsItsWorstContainer() {
        LotKeeping both = kept(on(COOL, false), on(WARM, false));
        assertThat(both.place()).contains("loft");
        assertThat(both.keeping().now().middle())
                .isEqualTo(kept(on(WARM, false)).keeping().now().middle())
                .isLessThan(kept(on(COOL, false)).keeping().now().middle());
    }

    @Test
    void aLotThatNobodyPutAwayIsTakenToStandCoolAndDry() {
        LotKeeping anywhere = kept();
        assertThat(anywhere.place()).isEmpty();
        assertThat(anywhere.ahead()).isEqualTo(new Air(12.5, 40));
        assertThat(anywhere.moistureBy()).isEqualTo(MoistureBy.SETTLES);
        assertThat(anywhere.moisture()).isCloseTo(Keeping.settlesAt(onion, 12.5, 40), within(1e-9));
    }

    @Test
    void sealedSeedKeepsTheMoistureItHad() {
        LotKeeping measured = LotKeeping.of(seed(measured(6.1)), List.of(on(WARM, true)), TODAY)
                .orElseThrow();
        assertThat(measured.moisture()).isEqualTo(6.1);
        assertThat(measured.moistureBy()).isEqualTo(MoistureBy.MEASURED);
        LotKeeping never = kept(on(WARM, true));
        assertThat(never.moisture()).isEqualTo(onion.storageMoisture().getAsDouble());
        assertThat(never.moistureBy()).isEqualTo(MoistureBy.TAKEN);
    }

    @Test
    void everyMoveCountsFromItsDayAndWhatStoodBeforeTheTestDoesNot() {
        Container moved = new Container(
                false,
                List.of(
                        new Move(TESTED.minusYears(3), "loft", WARM),
                        new Move(TESTED, "cellar", COOL),
                        new Move(TODAY.minusDays(30), "loft", WARM)));
        double now = kept(moved).keeping().now().middle();
        assertThat(now)
                .isLessThan(kept(on(COOL, false)).keeping().now().middle())
                .isGreaterThan(kept(on(WARM, false)).keeping().now().middle());
        assertThat(kept(moved).place()).contains("loft");
    }

    @Test
    void onlyWhatIsWorthItIsSaidToKeepItLonger() {
        assertThat(kept(on(WARM, false)).gains()).extracting(Gain::how).containsExactly(Better.DRIER, Better.FRIDGE);
        assertThat(kept(on(WARM, false)).gains())
                .allSatisfy(gain -> assertThat(gain.times()).isGreaterThanOrEqualTo(1.2));
        ShelfAir freezer = new ShelfAir(new Air(-18, 60), Map.of());
        assertThat(kept(on(freezer, false)).gains())
                .extracting(Gain::how)
                .doesNotContain(Better.FRIDGE, Better.FREEZER);
    }

    @Test
    void seedForOwnUseIsHeldToWhatTheMarketAsksAndNoneToMoreThanCanBe() {
        Seed own = new Seed(onion, Grade.OWN_USE, new Keeping.Tested(TESTED, 92, 88, 95), Optional.empty(), false);
        assertThat(LotKeeping.of(own, List.of(), TODAY).orElseThrow().standard())
                .isEqualTo(kept().standard())
                .isLessThanOrEqualTo(99);
    }

    @Test
    void theCurveGoesFromTheTestToThreeYearsAheadAndNeverUp() {
        List<LotKeeping.Point> curve = kept(on(WARM, false)).curve();
        assertThat(curve.get(0).on()).isEqualTo(TESTED);
        assertThat(curve.get(curve.size() - 1).on()).isEqualTo(TODAY.plusYears(3));
        for (int i = 1; i < curve.size(); i++) {
            assertThat(curve.get(i).percent())
                    .isLessThanOrEqualTo(curve.get(i - 1).percent());
        }
    }

    @Test
    void aMonthThatWasReadIsAsItWasReadAndTheYearAheadAsTheLastOne() {
        ShelfAir shelf = new ShelfAir(
                new Air(12, 55), Map.of(YearMonth.of(2026, 3), new Air(4, 30), YearMonth.of(2026, 7), new Air(24, 70)));
        assertThat(shelf.ahead(TODAY)).isEqualTo(new Air(14, 50));
        Map<LocalDate, Air> air = shelf.from(LocalDate.of(2026, 3, 20), LocalDate.MAX, TODAY);
        assertThat(air)
                .containsEntry(LocalDate.of(2026, 3, 20), new Air(4, 30))
                .containsEntry(LocalDate.of(2026, 4, 1), new Air(12, 55))
                .containsEntry(LocalDate.of(2026, 7, 1), new Air(24, 70))
                .containsEntry(TODAY, new Air(14, 50));
        assertThat(shelf.from(TODAY, TODAY, TODAY)).isEmpty();
        assertThat(new ShelfAir(new Air(12, 55), Map.of(YearMonth.of(2020, 1), new Air(0, 0))).ahead(TODAY))
                .isEqualTo(new Air(12, 55));
    }

    /** What is sealed in unknown may be dry or not: the worst that it may come to says so. */
    @Test
    void theLessIsKnownOfItsMoistureTheWiderIsTheForecast() {
        Container jar = on(COOL, true);
        Keeping.Percent known = LotKeeping.of(
                        seed(measured(onion.storageMoisture().getAsDouble())), List.of(jar), TODAY)
                .orElseThrow()
                .keeping()
                .now();
        Keeping.Percent unknown = kept(jar).keeping().now();
        assertThat(unknown.middle()).isEqualTo(known.middle());
        assertThat(unknown.lower()).isLessThan(known.lower() - 1);
    }

    @Test
    void seedThatWasDriedTooHotIsTakenToKeepHalfAsLong() {
        Seed sound = seed(measured(7));
        Seed cooked = new Seed(sound.crop(), sound.grade(), sound.tested(), sound.moisture(), true);
        List<Container> jar = List.of(on(WARM, true));
        assertThat(LotKeeping.of(cooked, jar, TODAY).orElseThrow().keeping().sigma())
                .isCloseTo(
                        LotKeeping.of(sound, jar, TODAY).orElseThrow().keeping().sigma() / 2, within(1e-9));
        assertThat(LotKeeping.of(cooked, jar, TODAY)
                        .orElseThrow()
                        .keeping()
                        .now()
                        .middle())
                .isLessThan(LotKeeping.of(sound, jar, TODAY)
                        .orElseThrow()
                        .keeping()
                        .now()
                        .middle());
    }

    @Test
    void onlySeedThatIsKnownToBeDryIsToldToGoIntoAFreezer() {
        assertThat(freezerAdvised(measured(7))).isTrue();
        assertThat(freezerAdvised(measured(12.6))).isFalse();
        assertThat(freezerAdvised(Optional.empty())).isFalse();
    }

    private boolean freezerAdvised(Optional<SeedMoisture> moisture) {
        return LotKeeping.of(seed(moisture), List.of(on(WARM, true)), TODAY).orElseThrow().gains().stream()
                .anyMatch(gain -> gain.how() == Better.FREEZER);
    }

    @Test
    void openSeedSettlesWithAirThatWasReadAfterAMonth() {
        ShelfAir read = new ShelfAir(new Air(12, 55), Map.of(YearMonth.of(2026, 8), new Air(18, 65)));
        Container open = on(read, false);
        LocalDate since = TODAY.minusDays(30);
        assertThat(LotKeeping.settled(onion, List.of(open), since, TODAY).orElseThrow())
                .isEqualTo(new LotKeeping.Settled(TODAY, SeedMoisture.settled(onion, 18, 65)));
        assertThat(LotKeeping.settled(onion, List.of(open), since.plusDays(1), TODAY))
                .isEmpty();
        assertThat(LotKeeping.settled(onion, List.of(on(COOL, false)), since, TODAY))
                .isEmpty();
        assertThat(LotKeeping.settled(onion, List.of(open, on(read, true)), since, TODAY))
                .isEmpty();
    }
}
