package theriseed.server.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

/** A plan that was made is used again exactly as long as nothing it rests on was written. */
@DemoFarmTest
class SeasonsTest {
    @LocalServerPort
    int port;

    @Autowired
    Seasons seasons;

    @Autowired
    PlantingRepository plantings;

    @Autowired
    PlatformTransactionManager transactions;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    private TransactionTemplate writing() {
        return new TransactionTemplate(transactions);
    }

    private TransactionTemplate reading() {
        TransactionTemplate reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
        return reading;
    }

    private SeasonAsWhole read() {
        return reading().execute(begun -> seasons.plan(2026));
    }

    @Test
    void whatIsDoneWithALotLeavesThePlanAsItIs() {
        String lot = season.sellable();
        SeasonAsWhole plan = read();
        season.packed(lot, 50, 4);
        assertThat(read()).isSameAs(plan);
        assertThat((Object) writing().execute(begun -> seasons.plan(2026))).isSameAs(plan);
    }

    @Test
    void whateverAPlanRestsOnMakesItAnew() {
        String planting = season.planted("pea", "2026-03-20", 300);
        List<Runnable> written = List.of(
                () -> season.planted("common-bean", "2026-05-10", 80),
                () -> season.grower
                        .post(
                                "/api/plantings/" + planting + "/first-flower",
                                Season.record("version", 0, "seenOn", "2026-05-30"))
                        .ok(),
                () -> season.variety("common-bean"),
                season::plot,
                () -> spacing(35.0, 0),
                () -> spacing(null, 0),
                () -> frostFrom("--10-27"),
                () -> frostFrom("--10-28"));
        for (Runnable write : written) {
            SeasonAsWhole plan = read();
            write.run();
            assertThat(read()).isNotSameAs(plan);
        }
    }

    private void spacing(Double value, int version) {
        season.grower
                .put(
                        "/api/crops/nasturtium/figures/IN_ROW",
                        Season.record("value", value, "version", version, "reason", "tried"))
                .ok();
    }

    private void frostFrom(String day) {
        season.grower
                .put(
                        "/api/farm/frosts",
                        Season.record("version", season.versionOfFarm(), "lastFrost", "--04-20", "firstFrost", day))
                .ok();
    }

    @Test
    void aTransactionSeesWhatItHasChangedItselfAndNobodyElseDoes() {
        UUID planting = UUID.fromString(season.planted("pea", "2026-03-20", 300));
        SeasonAsWhole before = read();
        writing().executeWithoutResult(begun -> {
            plantings.findWithVarietyById(planting).orElseThrow().giveUp(true);
            assertThat(seasons.plan(2026).has(planting)).isFalse();
            begun.setRollbackOnly();
        });
        assertThat(read().has(planting)).isTrue();
        assertThat(before.has(planting)).isTrue();
    }

    @Test
    void whileAPlantingIsBeingWrittenOthersReadThePlanAsItStands() throws Exception {
        UUID planting = UUID.fromString(season.planted("pea", "2026-03-20", 300));
        writing().executeWithoutResult(begun -> {
            plantings.findWithVarietyById(planting).orElseThrow().giveUp(true);
            plantings.flush();
            assertThat(elsewhere().has(planting)).isTrue();
        });
        assertThat(read().has(planting)).isFalse();
    }

    private SeasonAsWhole elsewhere() {
        SeasonAsWhole[] seen = new SeasonAsWhole[1];
        Thread other = new Thread(() -> seen[0] = read());
        other.start();
        try {
            other.join();
        } catch (InterruptedException interrupted) {
            throw new IllegalStateException(interrupted);
        }
        return seen[0];
    }
}
