package theriseed.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.EmptyFarm;
import tools.jackson.databind.JsonNode;

/** A farm of one's own, to which others come, and from which they go. */
class PeopleTest {
    private static final String CHOSEN = "four damp boots by noon";

    private static EmptyFarm farm;
    private static JdbcTemplate database;

    @BeforeAll
    static void begin() {
        farm = new EmptyFarm();
        database = farm.app.getBean(JdbcTemplate.class);
    }

    @AfterAll
    static void end() {
        farm.close();
    }

    @Test
    void whoIsInvitedChoosesAPasswordByTheLinkOnceAndIsIn() {
        UUID secret = UUID.randomUUID();
        JsonNode invited = invite("bea", "HAND", secret).ok();
        assertThat(invited.get("standing").asString()).isEqualTo("INVITED");
        assertThat(invited.hasNonNull("linkUntil")).isTrue();
        assertThat(stranger()
                        .post("/api/session", record("name", "bea", "password", ""))
                        .status())
                .isEqualTo(400);

        Client bea = stranger();
        JsonNode seen = bea.post("/api/session/entry", record("secret", secret)).ok();
        assertThat(seen.get("name").asString()).isEqualTo("bea");
        assertThat(seen.get("farm").asString()).isEqualTo("Test Farm");
        assertThat(seen.get("invited").asBoolean()).isTrue();
        Client.Answer weak = choose(bea, secret, "bea bea bea");
        assertThat(weak.field()).isEqualTo("password");
        JsonNode session = choose(bea, secret, CHOSEN).ok();
        assertThat(session.at("/account/role").asString()).isEqualTo("HAND");
        assertThat(session.at("/account/units").asString()).isEqualTo("US");
        assertThat(session.at("/account/locale").asString()).isEqualTo("en-US");
        assertThat(bea.get("/api/today").status()).isEqualTo(200);

        assertThat(choose(stranger(), secret, "another long enough one").field())
                .isEqualTo("secret");
        signedIn("bea", CHOSEN);
        assertThat(person("bea").get("places").asInt()).isEqualTo(2);
        assertThat(database.queryForList("select encode(body, 'escape') from kept_answer", String.class))
                .as("the end of the link is kept nowhere")
                .noneMatch(answer -> answer.contains(secret.toString()));
    }

    @Test
    void aLinkIsOpenForSevenDaysAndUntilAnotherIsMade() {
        UUID first = UUID.randomUUID();
        JsonNode invited = invite("cor", "VISITOR", first).ok();
        UUID second = UUID.randomUUID();
        post(invited, "link", record("version", invited.get("version"), "secret", second))
                .ok();
        assertThat(stranger()
                        .post("/api/session/entry", record("secret", first))
                        .detail())
                .contains("no longer open");
        stranger().post("/api/session/entry", record("secret", second)).ok();
        database.update("update entry_link set until = now() where closed_at is null");
        assertThat(stranger()
                        .post("/api/session/entry", record("secret", second))
                        .field())
                .isEqualTo("secret");
        assertThat(person("cor").hasNonNull("linkUntil")).isFalse();
    }

    @Test
    void anInvitationThatNobodyFollowedCanBeTakenBackAndItsNameIsFree() {
        JsonNode wrong = invite("Dro", "HAND", UUID.randomUUID()).ok();
        assertThat(invite("dRO", "HAND", UUID.randomUUID()).field()).isEqualTo("name");
        post(wrong, "withdrawn", record("version", wrong.get("version"))).ok();
        Client dro = came("dro", "HAND");
        JsonNode there = person("dro");
        assertThat(post(there, "withdrawn", record("version", there.get("version")))
                        .detail())
                .contains("has been in");
        assertThat(dro.get("/api/today").status()).isEqualTo(200);
    }

    @Test
    void whoForgotAPasswordChoosesAnotherByALinkAndIsSignedOutElsewhere() {
        Client eve = came("eve", "HAND");
        UUID secret = UUID.randomUUID();
        JsonNode person = person("eve");
        post(person, "link", record("version", person.get("version"), "secret", secret))
                .ok();
        assertThat(eve.get("/api/today").status()).as("the old one holds").isEqualTo(200);
        choose(stranger(), secret, "seven more wet geese").ok();
        assertThat(eve.get("/api/today").status()).isEqualTo(401);
        assertThat(trySigningIn("eve", CHOSEN).status()).isEqualTo(401);
        signedIn("eve", "seven more wet geese");
    }

    @Test
    void whoseAccountEndsIsOutAtOnceAndNothingTheyOpenedStaysOpen() {
        Client fay = came("fay", "GROWER");
        UUID feed = UUID.randomUUID();
        fay.post("/api/calendar/feeds", record("secret", feed)).ok();
        assertThat(stranger().get("/calendar/" + feed + ".ics").status()).isEqualTo(200);
        JsonNode person = person("fay");
        fay.put("/api/session/preferences", record("units", "METRIC", "theme", "LAMP", "locale", "en-GB"))
                .ok();
        JsonNode ended =
                post(person, "ended", record("version", person.get("version"))).ok();
        assertThat(ended.get("endedBy").asString()).isEqualTo("ann");
        assertThat(fay.get("/api/today").status()).isEqualTo(401);
        assertThat(trySigningIn("fay", CHOSEN).status()).isEqualTo(401);
        assertThat(stranger().get("/calendar/" + feed + ".ics").status()).isEqualTo(404);
        assertThat(invite("fay", "HAND", UUID.randomUUID()).field())
                .as("the name stands in the records")
                .isEqualTo("name");
        post(person, "back", record("version", ended.get("version"))).ok();
        signedIn("fay", CHOSEN);
    }

    @Test
    void anotherRoleIsNotWorkedWithTheOldOne() {
        Client gil = came("gil", "GROWER");
        gil.get("/api/people").ok();
        JsonNode person = person("gil");
        JsonNode hand = farm.grower
                .put(
                        "/api/people/" + person.get("id").asString() + "/role",
                        record("version", person.get("version"), "role", "HAND"))
                .ok();
        assertThat(hand.get("role").asString()).isEqualTo("HAND");
        assertThat(gil.get("/api/people").status()).isEqualTo(401);
        assertThat(signedIn("gil", CHOSEN).get("/api/people").status()).isEqualTo(403);
        assertThat(farm.grower
                        .put(
                                "/api/people/" + person.get("id").asString() + "/role",
                                record("version", person.get("version"), "role", "VISITOR"))
                        .status())
                .as("of a version before")
                .isEqualTo(409);
    }

    @Test
    void twoGrowersCannotEndEachOtherAndTheLastStays() throws Exception {
        try (EmptyFarm own = new EmptyFarm()) {
            UUID secret = UUID.randomUUID();
            own.grower.post("/api/people", invitation("zoe", "GROWER", secret)).ok();
            JsonNode ann = person(own, "ann");
            assertThat(ended(own.grower, ann).detail())
                    .as("who is invited is no grower yet")
                    .contains("ann is the only grower");
            Client zoe = stranger(own);
            choose(zoe, secret, CHOSEN).ok();
            JsonNode other = person(own, "zoe");
            ExecutorService both = Executors.newFixedThreadPool(2);
            List<Future<Client.Answer>> answers =
                    List.of(both.submit(() -> ended(own.grower, other)), both.submit(() -> ended(zoe, ann)));
            both.shutdown();
            long gone = 0;
            for (Future<Client.Answer> answer : answers) {
                gone += answer.get().status() == 200 ? 1 : 0;
            }
            assertThat(gone).isEqualTo(1);
            assertThat(own.app
                            .getBean(JdbcTemplate.class)
                            .queryForObject(
                                    "select count(*) from account where role = 'GROWER' and ended_at is null",
                                    Long.class))
                    .isEqualTo(1);
        }
    }

    @Test
    void everyoneChangesTheirPasswordAndIsSignedOutElsewhere() {
        Client hal = came("hal", "VISITOR");
        Client elsewhere = signedIn("hal", CHOSEN);
        Client.Answer wrong =
                hal.put("/api/session/password", record("old", "not this one", "password", "nine new lamps lit"));
        assertThat(wrong.field()).isEqualTo("old");
        assertThat(elsewhere.get("/api/today").status()).isEqualTo(200);
        hal.put("/api/session/password", record("old", CHOSEN, "password", "nine new lamps lit"))
                .ok();
        assertThat(hal.get("/api/today").status()).isEqualTo(200);
        assertThat(elsewhere.get("/api/today").status()).isEqualTo(401);
        assertThat(trySigningIn("hal", CHOSEN).status()).isEqualTo(401);
        signedIn("hal", "nine new lamps lit");
    }

    @Test
    void whoGuessesTheOldPasswordIsSlowedDownToo() {
        Client ida = came("ida", "HAND");
        for (int i = 0; i < Doorkeeper.FREE_TRIES; i++) {
            ida.put("/api/session/password", record("old", "guess " + i, "password", CHOSEN));
        }
        assertThat(ida.put("/api/session/password", record("old", CHOSEN, "password", "nine new lamps lit"))
                        .status())
                .isEqualTo(429);
    }

    @Test
    void everyoneSeesWhereTheyAreSignedInAndSignsOutElsewhere() {
        Client jon = came("jon", "HAND");
        Client lost = signedIn("jon", CHOSEN);
        Client shed = signedIn("jon", CHOSEN);
        List<JsonNode> places = places(jon);
        assertThat(places).hasSize(3);
        assertThat(places.get(0).get("here").asBoolean()).isTrue();
        assertThat(places).filteredOn(place -> place.get("here").asBoolean()).hasSize(1);
        assertThat(places.get(0).get("address").asString()).isEqualTo("127.0.0.1");
        String ofLost = places(lost).get(0).get("id").asString();
        assertThat(came("bob", "HAND").delete("/api/session/places/" + ofLost).status())
                .as("of somebody else")
                .isEqualTo(404);
        jon.delete("/api/session/places/" + ofLost).ok();
        assertThat(lost.get("/api/today").status()).isEqualTo(401);
        assertThat(shed.get("/api/today").status()).isEqualTo(200);
        jon.delete("/api/session/places").ok();
        assertThat(shed.get("/api/today").status()).isEqualTo(401);
        assertThat(places(jon)).hasSize(1);

        JsonNode person = person("jon");
        farm.grower
                .post("/api/people/" + person.get("id").asString() + "/signed-out", record())
                .ok();
        assertThat(jon.get("/api/today").status()).isEqualTo(401);
    }

    @ParameterizedTest
    @ValueSource(strings = {"HAND", "VISITOR"})
    void peopleAreForGrowers(String role) {
        Client client = came("kim " + role, role);
        assertThat(client.get("/api/people").status()).isEqualTo(403);
        assertThat(client.post("/api/people", invitation("lou", "GROWER", UUID.randomUUID()))
                        .status())
                .isEqualTo(403);
        JsonNode ann = person("ann");
        for (String act : List.of("link", "ended", "back", "withdrawn")) {
            assertThat(client.post(
                                    "/api/people/" + ann.get("id").asString() + "/" + act,
                                    record("version", ann.get("version"), "secret", UUID.randomUUID()))
                            .status())
                    .as(act)
                    .isIn(400, 403);
        }
        assertThat(person("ann").get("version")).isEqualTo(ann.get("version"));
    }

    private static Client.Answer ended(Client grower, JsonNode person) {
        return grower.post(
                "/api/people/" + person.get("id").asString() + "/ended", record("version", person.get("version")));
    }

    private static Client came(String name, String role) {
        return signedIn(name, CHOSEN, role);
    }

    private static Client signedIn(String name, String password, String role) {
        UUID secret = UUID.randomUUID();
        invite(name, role, secret).ok();
        Client client = stranger();
        choose(client, secret, password).ok();
        client.get("/api/session");
        return client;
    }

    private static Client signedIn(String name, String password) {
        Client client = stranger();
        client.post("/api/session", record("name", name, "password", password)).ok();
        client.get("/api/session");
        return client;
    }

    private static Client.Answer trySigningIn(String name, String password) {
        return stranger().post("/api/session", record("name", name, "password", password));
    }

    private static Client.Answer choose(Client client, UUID secret, String password) {
        return client.post("/api/session/entry/password", record("secret", secret, "password", password));
    }

    private static Client stranger() {
        return stranger(farm);
    }

    private static Client stranger(EmptyFarm at) {
        Client client = new Client(at.port());
        client.get("/api/session");
        return client;
    }

    private static Client.Answer invite(String name, String role, UUID secret) {
        return farm.grower.post("/api/people", invitation(name, role, secret));
    }

    private static Object invitation(String name, String role, UUID secret) {
        return record("name", name, "role", role, "units", "US", "locale", "en-US", "secret", secret);
    }

    private static Client.Answer post(JsonNode person, String act, Object body) {
        return farm.grower.post("/api/people/" + person.get("id").asString() + "/" + act, body);
    }

    private static List<JsonNode> places(Client client) {
        return client.get("/api/session/places").ok().valueStream().toList();
    }

    private static JsonNode person(String name) {
        return person(farm, name);
    }

    private static JsonNode person(EmptyFarm at, String name) {
        return at.grower
                .get("/api/people")
                .ok()
                .valueStream()
                .filter(person -> person.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }
}
