package theriseed.server.malformed;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;

/**
 * Requests with one thing wrong, at every operation of the API: each is refused by the name of what is wrong, none is an
 * error of the server, and nothing is kept that nobody can mean or that a page cannot be shown with. The environment says
 * how many ({@code MALFORMED}) and which ({@code SEED}); bin/malformed sends ten thousand.
 */
@DemoFarmTest
class MalformedTest {
    private static final int COUNT = Integer.parseInt(System.getenv().getOrDefault("MALFORMED", "500"));
    private static final long SEED = Long.parseLong(System.getenv().getOrDefault("SEED", "1"));

    @LocalServerPort
    int port;

    @Autowired
    JdbcTemplate database;

    /** Pages that ask whether something can be done or is there, and say so when it is not. */
    private static final Pattern ASKS = Pattern.compile(".*/(together|selection/tags.pdf|network/authority.crt)");

    private final List<String> failed = new ArrayList<>();
    private final List<String> nameless = new ArrayList<>();
    private final List<String> nonsense = new ArrayList<>();
    private final Map<Integer, Integer> answers = new TreeMap<>();

    @Test
    void everythingWrongIsRefusedByItsName() {
        Client grower = Client.as("grower", port);
        Requests requests = new Requests(grower.get("/api/openapi").ok(), database, SEED);
        assertThat(requests.operations()).isGreaterThan(180);
        for (int sent = 0; sent < COUNT; sent++) {
            Requests.Request request = requests.next();
            note(request, send(grower, request));
        }
        List<String> shut = requests.pages().stream()
                .flatMap(page -> requests.opened(page, 8).stream())
                .filter(page ->
                        !ASKS.matcher(page).matches() && grower.get(page).status() >= 400)
                .map(page -> page + " " + grower.get(page).text())
                .toList();
        System.out.println(COUNT + " malformed requests, seed " + SEED + ", answers " + answers + "; failed "
                + failed.size() + ", refused without a name " + nameless.size() + ", nonsense kept " + nonsense.size()
                + ", pages that do not open " + shut.size());
        SoftAssertions all = new SoftAssertions();
        all.assertThat(failed).as("answered 500").isEmpty();
        all.assertThat(nameless).as("refused without a field").isEmpty();
        all.assertThat(nonsense).as("kept, though nobody can mean it").isEmpty();
        all.assertThat(shut).as("pages that do not open any more").isEmpty();
        all.assertAll();
    }

    private static Client.Answer send(Client grower, Requests.Request request) {
        return switch (request.method()) {
            case "GET" -> grower.get(request.path());
            case "POST" -> grower.post(request.path(), request.body());
            case "PUT" -> grower.put(request.path(), request.body());
            default -> grower.delete(request.path());
        };
    }

    private void note(Requests.Request request, Client.Answer answer) {
        answers.merge(answer.status(), 1, Integer::sum);
        String said = request.method() + " " + request.path() + " " + request.part() + " " + request.how() + " "
                + request.body().substring(0, Math.min(300, request.body().length())) + " -> " + answer.status() + " "
                + answer.text().substring(0, Math.min(200, answer.text().length()));
        if (answer.status() >= 500) {
            failed.add(said);
        } else if (answer.status() == 400
                && !request.part().isEmpty()
                && !answer.text().contains("\"field\":")) {
            nameless.add(said);
        } else if (answer.status() < 300 && request.certainlyWrong()) {
            nonsense.add(said);
        }
    }
}
