package theriseed.server.lot;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.changed;
import static theriseed.server.Season.record;
import static theriseed.server.Season.saleOf;
import static theriseed.server.Season.with;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** What the database keeps of each lot is what counting it all again gives, whatever was written and by whom. */
@DemoFarmTest
class LotsKeptTest {
    @LocalServerPort
    int port;

    @Autowired
    JdbcTemplate database;

    Season season;
    Client grower;

    @BeforeEach
    void signIn() {
        season = new Season(port);
        grower = season.grower;
    }

    private Map<String, Object> kept(String number) {
        return database.queryForMap(
                "select k.* from lot_kept k join lot l on l.id = k.lot_id where l.number = ?", number);
    }

    private void isAsCounted() {
        assertThat(database.queryForList("""
                        select number from lot l left join lot_kept k on k.lot_id = l.id join lot_counted c on c.lot_id = l.id
                        where (k.bulk, k.packets, k.testing) is distinct from (c.bulk, c.packets, c.testing)""", String.class))
                .as("lots that are kept otherwise than they are counted")
                .isEmpty();
    }

    private void holds(String number, String bulk, long packets) {
        isAsCounted();
        assertThat((BigDecimal) kept(number).get("bulk")).isEqualByComparingTo(bulk);
        assertThat(kept(number).get("packets")).isEqualTo(packets);
        JsonNode stock = season.lot(number).get("stock");
        assertThat(stock.get("bulk").decimalValue()).isEqualByComparingTo(bulk);
        assertThat(stock.get("packets").asLong()).isEqualTo(packets);
    }

    @Test
    void everyMovementIsCountedInItsOwnTransaction() {
        String number = season.sellable();
        BigDecimal clean = (BigDecimal) kept(number).get("bulk");
        holds(number, clean.toPlainString(), 0);

        String run = season.packed(number, 50, 40);
        JsonNode packed = season.lot(number).get("stock");
        holds(number, packed.get("bulk").decimalValue().toPlainString(), 40);

        JsonNode sale =
                grower.post("/api/lots/" + number + "/sales", saleOf(run, 10)).ok();
        holds(number, packed.get("bulk").decimalValue().toPlainString(), 30);
        grower.put(
                        "/api/sales/" + sale.get("id").asString(),
                        with(
                                changed(sale.get("version").asInt(), "counted twice"),
                                "soldOn",
                                "2026-08-14",
                                "packets",
                                4,
                                "price",
                                "10.00",
                                "note",
                                ""))
                .ok();
        holds(number, packed.get("bulk").decimalValue().toPlainString(), 36);

        grower.post(
                        "/api/lots/" + number + "/withdrawals",
                        record("why", "SOWN", "takenOn", "2026-08-14", "mass", 100.5, "note", ""))
                .ok();
        holds(
                number,
                packed.get("bulk")
                        .decimalValue()
                        .subtract(new BigDecimal("100.5"))
                        .toPlainString(),
                36);
    }

    @Test
    void aLotIsAnotherAfterEveryWriteAndTheSameWhileOnlyOthersAreWritten() {
        String number = season.sellable();
        String other = season.sellable();
        Object before = kept(number).get("state");
        season.packed(other, 50, 10);
        season.lot(number);
        assertThat(kept(number).get("state")).isEqualTo(before);

        season.tested(number, 24.0, 24.1, 23.9, 24.0);
        Object tested = kept(number).get("state");
        assertThat(tested).isNotEqualTo(before);
        grower.post("/api/lots/" + number + "/hold", record("reason", "smells damp"))
                .ok();
        assertThat(kept(number).get("state")).isNotEqualTo(tested);
        assertThat(season.lot(number).at("/known/gate/reasons").toString()).contains("ON_HOLD");
    }

    @Test
    void whatIsWrittenPastTheProgramShowsAtOnceWhateverWasKept() {
        String number = season.sellable();
        UUID lot = UUID.fromString(season.lot(number).at("/known/lot/id").asString());
        double mass = season.lot(number).at("/known/bench/mass").asDouble();
        database.update(
                "update step set mass_out = mass_out - 5 where lot_id = ? and place = (select max(place) from step"
                        + " where lot_id = ?)",
                lot,
                lot);
        assertThat(season.lot(number).at("/known/bench/mass").asDouble()).isEqualTo(mass - 5);
        isAsCounted();
    }

    @Test
    void aLotThatCameOfAnotherIsAnotherWhenThatOneIsWritten() {
        String number = season.sellable();
        JsonNode parts = grower.post(
                        "/api/lots/" + number + "/parts", record("transferredOn", "2026-08-14", "parts", 2))
                .ok();
        String part = parts.get(0).at("/number").asString();
        Object before = kept(part).get("state");
        isAsCounted();
        grower.put(
                        season.pickOf(number),
                        with(
                                changed(0, "weighed with the sack"),
                                "pickedOn",
                                "2026-08-01",
                                "mass",
                                9000,
                                "plants",
                                280,
                                "note",
                                ""))
                .ok();
        assertThat(kept(part).get("state")).isNotEqualTo(before);
        assertThat(season.lot(part).at("/known/harvest/plants").asInt()).isEqualTo(280);
    }

    @Test
    void whatATransactionWroteThatNeverCameToBeIsNotKept() {
        String number = season.sellable();
        season.packed(number, 50, 300);
        JsonNode before = season.lot(number);
        Map<String, Object> kept = kept(number);
        JsonNode last = before.at("/known/bench/steps/4");
        double in = last.get("massIn").asDouble();
        Client.Answer tooLittle = grower.put(
                "/api/steps/" + last.get("id").asString(),
                with(
                        Season.stepOf("HAND_PICK", in, 10),
                        "byProducts",
                        List.of(record("what", "chaff", "mass", in - 10, "goneTo", "compost")),
                        "version",
                        last.get("version").asInt(),
                        "reason",
                        "read wrong"));
        assertThat(tooLittle.status()).isEqualTo(400);
        assertThat(tooLittle.json().at("/refusal/rule").asString()).isEqualTo("lot.wouldLeaveTooLittle");
        assertThat(kept(number)).isEqualTo(kept);
        assertThat(season.lot(number)).isEqualTo(before);
    }

    @Test
    void aFigureTheFarmKnowsBetterIsJudgedByAtOnce() {
        String number = season.picked(season.planted("pea", "2026-03-20", 300), 700, 45);
        assertThat(reasons(number)).doesNotContain("TOO_FEW_MOTHERS");
        moreMothers(100);
        assertThat(reasons(number)).contains("TOO_FEW_MOTHERS");
        moreMothers(null);
        assertThat(reasons(number)).doesNotContain("TOO_FEW_MOTHERS");
    }

    private String reasons(String number) {
        return season.lot(number).at("/known/gate/reasons").toString();
    }

    /** Asks peas of market grade for so many plants; of as many as usual for null. */
    private void moreMothers(Integer plants) {
        int version = grower.get("/api/crops/pea/figures")
                .ok()
                .valueStream()
                .filter(figure -> figure.get("figure").asString().equals("PLANTS_MARKET"))
                .findFirst()
                .orElseThrow()
                .get("version")
                .asInt();
        grower.put("/api/crops/pea/figures/PLANTS_MARKET", with(changed(version, "trial"), "value", plants))
                .ok();
    }

    @Test
    void whetherALotIsCleanIsKeptUntilItsNextStep() {
        String number = season.sellable();
        assertThat(kept(number).get("clean")).isNull();
        grower.get("/api/yields?crop=pea").ok();
        assertThat(kept(number).get("clean")).isEqualTo(true);
        season.tested(number, 24.0, 24.1, 23.9, 24.0);
        assertThat(kept(number).get("clean")).as("a test is no step").isEqualTo(true);
        grower.post("/api/lots/" + number + "/clean-again", record("steps", List.of("SCREEN"), "on", "2026-08-14"))
                .ok();
        assertThat(kept(number).get("clean")).isNull();
        assertThat(grower.get("/api/bench").text()).contains(number);
        assertThat(kept(number).get("clean")).isEqualTo(false);
    }

    /** A table that hangs on a lot and is not watched would leave what is kept of it as it was. */
    @Test
    void everyTableThatHangsOnALotIsWatched() {
        assertThat(database.queryForList("""
                        with recursive hangs (relation) as (
                            select 'lot'::regclass::oid
                            union
                            select c.conrelid from pg_constraint c join hangs h on c.confrelid = h.relation
                            where c.contype = 'f')
                        select relation::regclass::text from hangs
                        except
                        select event_object_table from information_schema.triggers
                        where trigger_name in ('lots_made', 'lots_changed', 'lots_left', 'lots_gone')
                        group by 1 having count(distinct trigger_name) = 4""", String.class))
                .containsExactlyInAnyOrder(
                        // What is kept itself.
                        "lot_kept",
                        // Who was told of a recall: nothing of the lot is another by that.
                        "told",
                        // That it may have been mixed up: what is decided of that stands at the lot itself.
                        "mix_up",
                        // The tally of a stall: what was sold is what did not come back.
                        "handed",
                        // Money that was spent or came of other than seed, which nothing is kept of.
                        "by_product_sale",
                        "outlay",
                        "work_done");
    }
}
