package theriseed.server.market;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.ResponseEntity;
import theriseed.server.farm.FarmView;
import theriseed.server.pdf.Paper;
import theriseed.server.stall.PackingRunView;
import theriseed.server.words.Reader;

/** The paper of a day at the stall: room to tally before it is counted, what it came to after. */
record StallDaySheet(StallDayView day, FarmView farm, Reader reader) {
    private static final String ROOM = "............";

    ResponseEntity<byte[]> file() {
        Paper paper = new Paper("Stall day", farm.name() + ", " + reader.day(day.heldOn()), reader);
        paper.title("Stall day", day.market() + ", " + reader.day(day.heldOn()));
        if (!day.note().isBlank()) {
            paper.words(day.note());
        }
        paper.table(
                List.of("lot", "variety", "packet", "each, " + farm.currency(), "taken", "sold", "given", "back"),
                day.lines().stream().map(this::row).toList(),
                0.18,
                0.24,
                0.14,
                -0.1,
                -0.08,
                -0.11,
                -0.08,
                -0.07);
        paper.heading("Cash box");
        paper.table(List.of(), box(), 0.7, -0.3);
        return paper.file("stall-day-" + day.heldOn());
    }

    private List<String> row(StallDayView.AlongLine line) {
        boolean counted = day.counted();
        return List.of(
                line.number(),
                line.variety(),
                PackingRunView.packet(line.seeds(), line.grams(), line.metres(), reader),
                reader.money(line.price()),
                String.valueOf(line.taken()),
                counted ? String.valueOf(line.taken() - line.returned() - line.given()) : ROOM,
                counted ? String.valueOf(line.given()) : ".....",
                counted ? String.valueOf(line.returned()) : ".....");
    }

    private List<List<String>> box() {
        List<List<String>> rows = new ArrayList<>();
        if (!day.counted()) {
            rows.add(List.of("change before the first sale", reader.money(day.floatCash())));
            rows.add(List.of("cash after the last", ROOM));
            rows.add(List.of("paid by card or transfer", ROOM));
            return rows;
        }
        rows.add(List.of("due for what was sold", reader.money(day.brought())));
        if (day.cashCounted() == null) {
            rows.add(List.of("cash", "not counted"));
            return rows;
        }
        rows.add(List.of("cash after the last sale", reader.money(day.cashCounted())));
        rows.add(List.of("of it change from before", reader.money(day.floatCash())));
        rows.add(List.of("paid by card or transfer", reader.money(day.paidOtherwise())));
        rows.add(List.of(
                difference(day.difference()), reader.money(day.difference().abs())));
        return rows;
    }

    private static String difference(BigDecimal of) {
        return of.signum() == 0 ? "nothing is missing" : of.signum() < 0 ? "missing" : "too much";
    }
}
