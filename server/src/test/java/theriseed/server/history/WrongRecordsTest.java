package theriseed.server.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static theriseed.server.Season.with;

import java.sql.Date;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

/** Records that no form of this version would take: of an earlier one, or written into the database by hand. */
@DemoFarmTest
class WrongRecordsTest {
    @LocalServerPort
    int port;

    @Autowired
    JdbcTemplate database;

    Season season;
    String number;

    @BeforeEach
    void lot() {
        season = new Season(port);
        number = season.sellable();
    }

    private JsonNode get(String path) {
        return season.grower.get(path).ok();
    }

    @Test
    void aStepWhoseWeightsCannotBeIsShownAtTheBenchUntilItIsPutRight() {
        JsonNode steps = season.lot(number).at("/known/bench/steps");
        JsonNode last = steps.get(steps.size() - 1);
        database.update(
                "update step_by_product set mass = 1000 * mass where step_id = cast(? as uuid)",
                last.get("id").asString());

        JsonNode lot = season.lot(number);
        JsonNode wrong = lot.at("/known/bench/steps").get(steps.size() - 1).get("wrong");
        assertThat(wrong.get("field").asString()).isEqualTo("byProduct");
        assertThat(lot.at("/known/bench/clean").asBoolean()).isFalse();
        assertThat(lot.at("/known/gate/reasons").toString()).contains("NOT_CLEAN");
        assertThat(get("/api/bench").get("lots").findValuesAsString("number")).contains(number);
        assertThat(season.tasks())
                .anySatisfy(task -> assertThat(
                                Season.kindOf(task) + task.path("lot").asString(""))
                        .isEqualTo("PutWeightsRight" + number));

        JsonNode stands = lot.at("/known/bench/steps").get(steps.size() - 1);
        season.grower
                .put(
                        "/api/steps/" + stands.get("id").asString(),
                        with(
                                Season.stepOf(
                                        stands.get("kind").asString(),
                                        stands.get("massIn").asDouble(),
                                        last.get("massOut").asDouble()),
                                "version",
                                stands.get("version").asInt(),
                                "reason",
                                "misread"))
                .ok();
        assertThat(season.lot(number).at("/known/bench/clean").asBoolean()).isTrue();
    }

    @Test
    void noRowIsKeptThatLeavesTheFarmWithoutAnAnswer() {
        for (String wrong : List.of(
                "update farm set climate_half = -1",
                "update planting set germination = 0",
                "update planting set cleared_on = sown_on - 1",
                "update neighbour set area = 0",
                "update step set mass_out = mass_in + water_added + 1",
                "update reading set reading_value = -1 where quantity = 'MASS'",
                "update step set temperature = 45 where kind = 'FERMENT'",
                "update germination_test set counted_on = set_on - 1",
                "update cut_test set sound = 1000000",
                "update walk_off_type set place = -1")) {
            assertThatThrownBy(() -> database.update(wrong))
                    .as(wrong)
                    .isInstanceOf(DataIntegrityViolationException.class);
        }
    }

    @Test
    void aLotNothingCanBeCalculatedOfStandsApartAndHidesNoOther() {
        int before = get("/api/seed-room?size=200").at("/lots/items").size();
        database.update(
                "update germination_test set counted_on = ? where lot_id = (select id from lot where number = ?)",
                Date.valueOf(LocalDate.of(2199, 12, 31)),
                number);

        JsonNode room = get("/api/seed-room?size=200");
        assertThat(room.at("/lots/items").size()).isEqualTo(before - 1);
        assertThat(room.get("wrong").findValuesAsString("number")).containsExactly(number);
        assertThat(room.at("/wrong/0/why/field").asString()).isNotEmpty();
        JsonNode stocked = get("/api/seed-room/stocked");
        assertThat(stocked.get("wrong").findValuesAsString("number")).containsExactly(number);
        assertThat(stocked.at("/lots/items").size()).isPositive();
        assertThat(Client.as("hand", port).get("/api/today").status()).isEqualTo(200);
    }
}
