package theriseed.server.blend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static theriseed.server.Season.record;
import static theriseed.server.Season.saleOf;
import static theriseed.server.Season.stepOf;
import static theriseed.server.Season.with;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;
import tools.jackson.databind.JsonNode;

@DemoFarmTest
class BlendsTest {
    @LocalServerPort
    int port;

    Season season;
    String planting;

    @BeforeEach
    void season() {
        season = new Season(port);
        planting = season.planted("pea", "2026-03-20", 300);
        season.walked(planting, 300);
    }

    /** A clean, tested lot of the planting with its grams. */
    private String clean(double picked, Integer... sprouted) {
        String number = season.picked(planting, picked, 200);
        season.cleaned(number, picked);
        season.tested(number, 24.1, 23.9, 24.3, 24.0);
        if (sprouted.length > 0) {
            season.grower
                    .post(
                            "/api/lots/" + number + "/germination",
                            with(Season.germinationOf(sprouted), "countedOn", "2026-08-14"))
                    .ok();
        }
        return number;
    }

    private static Map<String, Object> blendOf(Object... numbersAndMasses) {
        List<Map<String, Object>> parts = new java.util.ArrayList<>();
        for (int i = 0; i < numbersAndMasses.length; i += 2) {
            parts.add(record("number", numbersAndMasses[i], "mass", numbersAndMasses[i + 1]));
        }
        return record("parts", parts, "transferredOn", "2026-08-14");
    }

    private double bulk(String number) {
        return season.lot(number).at("/stock/bulk").asDouble();
    }

    @Test
    void aBlendIsANewLotThatKnowsWhatItCameOf() {
        String one = clean(9000);
        String other = clean(3000, 80, 82, 78, 80);
        double rest = bulk(one) - 2000;
        JsonNode plan = season.grower
                .post("/api/blends/preview", blendOf(one, 2000, other, 1000))
                .ok();
        assertThat(plan.at("/expected/germination").asDouble())
                .as("seeds alike in size: two thirds of 94 and a third of 80")
                .isCloseTo((2 * 94 + 80) / 3.0, within(0.1));
        assertThat(plan.get("cautions").toString()).doesNotContain("NOT_TESTED");
        assertThat(plan.at("/expected/cautions").toString()).contains("GERMINATION");

        String number = season.grower
                .post("/api/blends", blendOf(one, 2000, other, 1000))
                .ok()
                .get("number")
                .asString();
        JsonNode page = season.lot(number);
        assertThat(page.at("/known/lot/origin").asString()).isEqualTo("BLEND");
        assertThat(page.at("/stock/bulk").asInt()).isEqualTo(3000);
        assertThat(page.at("/known/bench/clean").asBoolean()).isTrue();
        assertThat(page.at("/known/bench/yield/share").asDouble())
                .as("nothing was gained by transferring")
                .isCloseTo(season.lot(one).at("/known/bench/yield/share").asDouble(), within(1e-4));
        assertThat(page.at("/history/starts").findValuesAsString("number")).containsExactlyInAnyOrder(one, other);
        assertThat(page.at("/known/gate/reasons").toString()).contains("UNTESTED", "SEED_WEIGHT_UNKNOWN");
        assertThat(page.at("/known/harvest/plants").asInt())
                .as("both were picked over the same plants")
                .isEqualTo(200);
        assertThat(bulk(one)).isCloseTo(rest, within(1e-9));
        assertThat(season.lot(one).at("/history/ends").findValuesAsString("number"))
                .containsExactly(number);
    }

    @Test
    void aTransferIsCorrectedInBothLotsAndNeverBelowWhatWasTakenSince() {
        String one = clean(9000);
        String other = clean(3000);
        double had = bulk(one);
        String blend = season.grower
                .post("/api/blends", with(blendOf(one, 2000, other, 1000), "transferredOn", "2026-08-10"))
                .ok()
                .get("number")
                .asString();
        JsonNode transfer = transfer(blend, one);
        String path = "/api/transfers/" + transfer.get("id").asString();
        Map<String, Object> less = record(
                "mass", 1500, "transferredOn", "2026-08-10", "version", 0, "reason", "the scale showed the bowl too");
        assertThat(season.grower.put(path, with(less, "reason", "")).field()).isEqualTo("reason");
        assertThat(season.grower.put(path, with(less, "mass", had + 1)).field()).isEqualTo("mass");
        assertThat(season.grower
                        .put(path, with(less, "transferredOn", "2025-01-01"))
                        .field())
                .isEqualTo("transferredOn");
        season.grower.put(path, less).ok();
        assertThat(bulk(one)).isEqualTo(had - 1500);
        assertThat(bulk(blend)).isEqualTo(2500);
        assertThat(season.grower.put(path, less).status()).isEqualTo(409);
        assertThat(season.lot(blend).get("corrections").toString())
                .contains("the scale showed the bowl too")
                .contains("2000");

        season.grower
                .post(
                        "/api/lots/" + blend + "/withdrawals",
                        record("why", "SOWN", "takenOn", "2026-08-12", "mass", 2000, "note", "trial rows"))
                .ok();
        Map<String, Object> again = with(less, "version", 1);
        Client.Answer tooLate = season.grower.put(path, with(again, "transferredOn", "2026-08-13"));
        assertThat(tooLate.field()).as("some of it was sown the day before").isEqualTo("transferredOn");
        Client.Answer tooLittle = season.grower.put(path, with(again, "mass", 900));
        assertThat(tooLittle.field()).isEqualTo("mass");
        assertThat(bulk(blend)).isEqualTo(500);
        season.grower
                .put(path, with(with(again, "mass", 1000), "transferredOn", "2026-08-12"))
                .ok();
        assertThat(bulk(blend)).isZero();
    }

    @Test
    void cleanSeedIsCleanedAgainUnderItsOwnNumberWhileNoneOfItWasTaken() {
        String number = clean(9000);
        double had = bulk(number);
        Map<String, Object> again = record("steps", List.of("SCREEN", "HAND_PICK"), "on", "2026-08-14");
        String path = "/api/lots/" + number + "/clean-again";
        assertThat(season.grower.post(path, with(again, "steps", List.of())).field())
                .isEqualTo("steps");
        assertThat(season.grower.post(path, again).ok().get("number").asString())
                .isEqualTo(number);
        assertThat(season.lot(number).at("/known/bench/next").asString()).isEqualTo("SCREEN");
        assertThat(season.grower.post(path, again).detail()).contains("goes on where it stands");
        season.step(number, stepOf("SCREEN", had, had - 50));
        season.step(number, stepOf("HAND_PICK", had - 50, had - 60));
        assertThat(bulk(number)).isEqualTo(had - 60);
    }

    @Test
    void whatIsLeftIsCleanedAgainUnderANewNumberOnceSomeWasSold() {
        String number = season.sellable();
        season.packed(number, 50, 10);
        double left = bulk(number);
        String rest = season.grower
                .post("/api/lots/" + number + "/clean-again", record("steps", List.of("WINNOW"), "on", "2026-08-14"))
                .ok()
                .get("number")
                .asString();
        assertThat(rest).isNotEqualTo(number);
        assertThat(bulk(number)).isZero();
        assertThat(season.lot(number).at("/stock/packets").asInt()).isEqualTo(10);
        assertThat(season.lot(rest).at("/known/bench/next").asString()).isEqualTo("WINNOW");
        season.step(
                rest,
                with(stepOf("WINNOW", left, left - 10), "begunAt", "2026-08-14T05:00", "endedAt", "2026-08-14T05:30"));
        assertThat(bulk(rest)).isEqualTo(left - 10);
        assertThat(season.lot(rest).at("/known/gate/cautions").toString()).contains("SORTED_SINCE_TEST");
        assertThat(season.lot(number).at("/known/gate/cautions").toString()).doesNotContain("SORTED_SINCE_TEST");
        assertThat(season.grower.get("/api/lots/" + number + "/family").ok().toString())
                .contains(rest);
    }

    private JsonNode transfer(String into, String from) {
        for (JsonNode one : season.lot(into).at("/known/harvest/transferred")) {
            if (one.get("from").asString().equals(from)) {
                return one;
            }
        }
        throw new AssertionError("nothing of " + from + " in " + into);
    }

    @Test
    void allOfALotThatIsNotCleanWasTransferredSoOnlyItsStepCanBeWrong() {
        String one = season.picked(planting, 6000, 200);
        String other = season.picked(planting, 3000, 150);
        String blend = season.grower
                .post("/api/blends", blendOf(one, null, other, null))
                .ok()
                .get("number")
                .asString();
        assertThat(season.grower
                        .put(
                                "/api/transfers/"
                                        + transfer(blend, one).get("id").asString(),
                                record("mass", 5000, "transferredOn", "2026-08-14", "version", 0, "reason", "mistyped"))
                        .detail())
                .contains("correct the weight where it was taken");
    }

    @Test
    void whatStandsAgainstAnyOfThemStandsAgainstTheBlend() {
        String one = clean(9000);
        String unwalked = season.picked(season.planted("pea", "2026-03-21", 300), 3000, 250);
        season.cleaned(unwalked, 3000);
        Client.Answer other = season.grower.post("/api/blends", blendOf(one, 1000, unwalked, 500));
        assertThat(other.field())
                .as("each planting of the test is of a variety of its own")
                .isEqualTo("parts[1].number");
        assertThat(other.detail()).contains("varieties are never blended");
    }

    @Test
    void lotsInTheMiddleOfTheirChainsAreJoinedWholeAndAtTheSameStep() {
        String one = season.picked(planting, 6000, 200);
        String other = season.picked(planting, 3000, 150);
        season.step(one, stepOf("DRY", 6000, 5000));
        assertThat(season.grower
                        .post("/api/blends", blendOf(one, 5000, other, 3000))
                        .detail())
                .contains("to the same step first");
        season.step(other, stepOf("DRY", 3000, 2500));
        assertThat(season.grower
                        .post("/api/blends", blendOf(one, 4000, other, 2500))
                        .detail())
                .contains("Take all of " + one);
        String number = season.grower
                .post("/api/blends", blendOf(one, null, other, null))
                .ok()
                .get("number")
                .asString();
        assertThat(season.lot(number).at("/known/bench/next").asString()).isEqualTo("THRESH");
        assertThat(season.lot(one).at("/known/bench/transferred").asBoolean()).isTrue();
        Client.Answer further = season.grower.post("/api/lots/" + one + "/steps", stepOf("THRESH", 5000, 3000));
        assertThat(further.detail()).contains("transferred into other lots");
        JsonNode dried = season.lot(one).at("/known/bench/steps/0");
        assertThat(season.grower
                        .put(
                                "/api/steps/" + dried.get("id").asString(),
                                with(
                                        stepOf("DRY", 6000, 4900),
                                        "version",
                                        dried.get("version").asInt(),
                                        "reason",
                                        "x"))
                        .field())
                .as("what was transferred cannot turn out not to have been there")
                .isEqualTo("massOut");
        season.step(
                number,
                with(stepOf("THRESH", 7500, 5000), "begunAt", "2026-08-14T07:05", "endedAt", "2026-08-14T07:09"));
        assertThat(season.lot(number).at("/known/bench/next").asString()).isEqualTo("SCREEN");
        assertThat(season.grower.get("/api/bench").ok().findValuesAsString("number"))
                .as("what was transferred away waits for nothing")
                .contains(number)
                .doesNotContain(one, other);
    }

    @Test
    void whatWasTransferredRightAfterPickingStaysPicked() {
        String one = season.picked(planting, 6000, 200);
        String other = season.picked(planting, 3000, 150);
        season.grower.post("/api/blends", blendOf(one, null, other, null)).ok();
        assertThat(season.grower
                        .put(season.pickOf(one), with(Season.harvestOf(5000, 200), "version", 0, "reason", "mistyped"))
                        .field())
                .isEqualTo("mass");
        assertThat(season.grower
                        .post("/api/lots/" + one + "/picks", Season.harvestOf(100, 5))
                        .detail())
                .contains("gets its own number");
        assertThat(season.grower
                        .get("/api/plantings/" + planting + "/open-lots")
                        .ok()
                        .toString())
                .as("nor is it offered")
                .doesNotContain(one);
    }

    @Test
    void aPartTakesOverTheTestsOfTheWhole() {
        String whole = clean(9000);
        double all = bulk(whole);
        JsonNode parts = season.grower
                .post(
                        "/api/lots/" + whole + "/parts",
                        record("masses", List.of(500, 700), "transferredOn", "2026-08-14"))
                .ok();
        String part = parts.get(1).get("number").asString();
        assertThat(season.lot(part)
                        .at("/known/tests/germinations/0/result/reported")
                        .asInt())
                .isEqualTo(94);
        assertThat(season.lot(part).at("/known/gate/mayBeSold").asBoolean()).isTrue();
        assertThat(bulk(part)).isEqualTo(700);
        assertThat(bulk(whole)).isCloseTo(all - 1200, within(1e-9));
        String run = season.packed(part, 50, 10);
        season.grower.post("/api/lots/" + part + "/sales", saleOf(run, 3)).ok();
        assertThat(season.grower
                        .post(
                                "/api/lots/" + whole + "/parts",
                                record("masses", List.of(all), "transferredOn", "2026-08-14"))
                        .status())
                .as("more than is left")
                .isEqualTo(400);
    }

    @Test
    void alikePartsAddUpToTheWholeAndAHeldWholeHoldsThem() {
        String whole = clean(9000);
        double all = bulk(whole);
        season.grower
                .post("/api/lots/" + whole + "/hold", record("reason", "label came off"))
                .ok();
        JsonNode parts = season.grower
                .post("/api/lots/" + whole + "/parts", record("parts", 3, "transferredOn", "2026-08-14"))
                .ok();
        double sum = 0;
        for (JsonNode part : parts) {
            sum += bulk(part.get("number").asString());
            assertThat(part.at("/hold/reason").asString()).isEqualTo("label came off");
        }
        assertThat(sum).isCloseTo(all, within(1e-9));
        assertThat(bulk(whole)).isZero();
        String other = clean(3000);
        assertThat(season.grower
                        .post(
                                "/api/blends",
                                blendOf(other, 100, parts.get(0).get("number").asString(), 100))
                        .detail())
                .contains("A blend would hide that");
    }

    @Test
    void whatCannotBeIsRefused() {
        String one = clean(9000);
        String other = clean(3000);
        assertThat(season.grower.post("/api/blends", blendOf(one, 100)).field()).isEqualTo("parts");
        assertThat(season.grower
                        .post("/api/blends", blendOf(one, 100, one, 100))
                        .detail())
                .contains("in the blend already");
        assertThat(season.grower
                        .post("/api/blends", blendOf(one, 100, other, 99_999))
                        .field())
                .isEqualTo("parts[1].mass");
        assertThat(season.grower.post("/api/blends", blendOf(one, 0, other, 5)).field())
                .isEqualTo("parts[0].mass");
        assertThat(season.grower
                        .post("/api/blends", with(blendOf(one, 5, other, 5), "transferredOn", "2026-08-15"))
                        .field())
                .isEqualTo("transferredOn");
        assertThat(season.grower
                        .post("/api/lots/" + one + "/parts", record("parts", 1, "transferredOn", "2026-08-14"))
                        .field())
                .isEqualTo("parts");
        assertThat(season.grower.get("/api/lots/" + one + "/together").ok().findValuesAsString("number"))
                .containsExactly(one, other);
        assertThat(Client.as("visitor", port)
                        .post("/api/blends", blendOf(one, 5, other, 5))
                        .status())
                .isEqualTo(403);
    }

    private void kept(String number, double grams) {
        season.grower
                .put("/api/lots/" + number + "/reserve", record("version", season.versionOf(number), "grams", grams))
                .ok();
    }

    @Test
    void seedKeptForOwnSowingIsGuardedFromTransferringAsFromSelling() {
        String one = clean(9000);
        String other = clean(3000);
        double had = bulk(one);
        kept(one, had - 500);
        assertThat(season.grower
                        .post("/api/blends", blendOf(one, 501, other, 1000))
                        .field())
                .isEqualTo("parts[0].mass");
        assertThat(season.grower
                        .get("/api/lots/" + one + "/together")
                        .ok()
                        .at("/0/kept")
                        .asDouble())
                .isEqualTo(had - 500);
        season.grower.post("/api/blends", blendOf(one, 500, other, 1000)).ok();
        assertThat(season.grower
                        .post(
                                "/api/lots/" + one + "/parts",
                                record("masses", List.of(10), "transferredOn", "2026-08-14"))
                        .text())
                .as("all that is left is kept")
                .contains("blend.allKept");
        kept(one, 0);
        season.grower
                .post("/api/lots/" + one + "/parts", record("masses", List.of(10), "transferredOn", "2026-08-14"))
                .ok();
    }

    @Test
    void whatIsKeptGoesAlongWhereAllOfALotIsTransferred() {
        String whole = season.picked(planting, 9000, 200);
        kept(whole, 60);
        JsonNode parts = season.grower
                .post("/api/lots/" + whole + "/parts", record("parts", 3, "transferredOn", "2026-08-14"))
                .ok();
        assertThat(parts.findValues("reserved").stream().map(JsonNode::asInt)).containsExactly(60, 0, 0);

        String clean = clean(9000);
        season.packed(clean, 50, 5);
        kept(clean, 100);
        String again = season.grower
                .post("/api/lots/" + clean + "/clean-again", record("steps", List.of("SCREEN"), "on", "2026-08-14"))
                .ok()
                .get("number")
                .asString();
        assertThat(season.lot(again).at("/known/lot/reserved").asInt()).isEqualTo(100);
    }

    @Test
    void aStepOfBeforeItWasTransferredIsWrittenOnceTheDayOfThatIsPutRight() {
        String whole = season.picked(planting, 9000, 200);
        String part = season.grower
                .post("/api/lots/" + whole + "/parts", record("parts", 2, "transferredOn", "2026-08-14"))
                .ok()
                .at("/0/number")
                .asString();
        Map<String, Object> earlier =
                with(stepOf("DRY", 4500, 4000), "begunAt", "2026-08-10T08:00", "endedAt", "2026-08-13T08:00");
        Client.Answer refused = season.grower.post("/api/lots/" + part + "/steps", earlier);
        assertThat(refused.field()).isEqualTo("begunAt");
        assertThat(refused.text()).contains("bench.beforeTransfer");
        String transfer = "/api/transfers/"
                + season.lot(part).at("/known/harvest/transferred/0/id").asString();
        assertThat(season.grower
                        .put(
                                transfer,
                                record(
                                        "mass",
                                        4400,
                                        "transferredOn",
                                        "2026-08-09",
                                        "version",
                                        0,
                                        "reason",
                                        "weighed anew"))
                        .field())
                .isEqualTo("mass");
        season.grower
                .put(
                        transfer,
                        record("mass", 4500, "transferredOn", "2026-08-09", "version", 0, "reason", "it was on Sunday"))
                .ok();
        season.step(part, earlier);
    }
}
