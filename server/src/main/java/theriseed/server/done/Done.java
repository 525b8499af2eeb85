package theriseed.server.done;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Service;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Roles;
import theriseed.server.base.Stamps;

/** Who did what on a day, of all kinds of records: what was written down, and what was corrected. */
@Service
public class Done {
    private static final String RECORDED = DoneKind.ALL.stream()
            .map(kind -> kind.rows("t.recorded_at >= :from and t.recorded_at < :to"))
            .collect(Collectors.joining(" union all "));
    private static final String CORRECTED = Stream.concat(DoneKind.ALL.stream(), DoneKind.PARTS.stream())
            .map(kind -> kind.rows(kind.id() + "::uuid in (:ids)"))
            .collect(Collectors.joining(" union all "));

    /** With the number of a lot, and the variety and season of a planting. */
    private static final String ABOUT =
            " left join lot l on l.id = w.lot left join planting p on p.id = w.planting left join variety v on v.id = p.variety_id";

    private static final String LINES = "select w.by, w.kind, count(*) as count, min(w.at) as from, max(w.at) as to,"
            + " l.number as lot, w.planting, v.name as variety, p.season, w.named from (" + RECORDED + ") w" + ABOUT
            + " group by w.by, w.kind, l.number, w.planting, v.name, p.season, w.named";

    private static final String EARLIER = nearest("max", "recorded_at < :from");
    private static final String LATER = nearest("min", "recorded_at >= :to");

    private final NamedParameterJdbcTemplate database;
    private final Stamps stamps;
    private final FarmTime time;

    Done(NamedParameterJdbcTemplate database, Stamps stamps, FarmTime time) {
        this.database = database;
        this.stamps = stamps;
        this.time = time;
    }

    /** @param by the name of one person, or none for everybody; whoever is no grower sees only what they did themselves */
    @HandsWork
    @ReadsOnly
    public DoneDay on(LocalDate day, String by, int page, int size) {
        String whose = Roles.grows() ? by : stamps.now().by();
        ZoneId zone = time.zone();
        Instant from = day.atStartOfDay(zone).toInstant();
        Instant to = day.plusDays(1).atStartOfDay(zone).toInstant();
        Map<String, ?> bounds = Map.of("from", Timestamp.from(from), "to", Timestamp.from(to));
        List<DoneLine> all = new ArrayList<>(database.query(LINES, bounds, (row, at) -> line(row, zone)));
        all.addAll(corrections(bounds, zone));
        all.sort(Comparator.comparing(DoneLine::to).reversed().thenComparing(DoneLine::kind));
        List<String> people = Roles.grows()
                ? all.stream().map(DoneLine::by).distinct().sorted().toList()
                : List.of(whose);
        List<DoneLine> theirs = all.stream()
                .filter(line -> whose == null || line.by().equals(whose))
                .toList();
        return new DoneDay(
                day,
                nearest(EARLIER, bounds, zone),
                nearest(LATER, bounds, zone),
                people,
                PageOf.of(theirs, page, size));
    }

    private List<DoneLine> corrections(Map<String, ?> bounds, ZoneId zone) {
        record Corrected(
                String by, String subject, UUID id, String why, List<String> fields, LocalTime from, LocalTime to) {}
        List<Corrected> corrected = database.query(
                "select recorded_by, subject, subject_id, reason, array_agg(distinct field order by field) as fields,"
                        + " min(recorded_at) as from, max(recorded_at) as to from correction"
                        + " where recorded_at >= :from and recorded_at < :to group by 1, 2, 3, 4",
                bounds,
                (row, at) -> new Corrected(
                        row.getString("recorded_by"),
                        row.getString("subject"),
                        row.getObject("subject_id", UUID.class),
                        row.getString("reason"),
                        Arrays.asList((String[]) row.getArray("fields").getArray()),
                        clock(row, "from", zone),
                        clock(row, "to", zone)));
        if (corrected.isEmpty()) {
            return List.of();
        }
        record About(UUID id, String kind, String lot, UUID planting, String variety, Integer season, String named) {}
        Map<UUID, About> about = database
                .query(
                        "select w.id, w.kind, l.number as lot, w.planting, v.name as variety, p.season, w.named from ("
                                + CORRECTED + ") w" + ABOUT,
                        Map.of("ids", corrected.stream().map(Corrected::id).toList()),
                        (row, at) -> new About(
                                row.getObject("id", UUID.class),
                                row.getString("kind"),
                                row.getString("lot"),
                                row.getObject("planting", UUID.class),
                                row.getString("variety"),
                                row.getObject("season", Integer.class),
                                row.getString("named")))
                .stream()
                .collect(Collectors.toMap(About::id, Function.identity(), (one, other) -> one));
        return corrected.stream()
                .map(one -> {
                    About it = about.getOrDefault(
                            one.id(), new About(one.id(), one.subject(), null, null, null, null, null));
                    return new DoneLine(
                            one.by(),
                            it.kind(),
                            1,
                            one.from(),
                            one.to(),
                            one.fields(),
                            one.why(),
                            it.lot(),
                            it.planting(),
                            it.variety(),
                            it.season(),
                            it.named());
                })
                .toList();
    }

    private LocalDate nearest(String asked, Map<String, ?> bounds, ZoneId zone) {
        Timestamp found = database.queryForObject(asked, bounds, Timestamp.class);
        return found == null ? null : LocalDate.ofInstant(found.toInstant(), zone);
    }

    /** The latest or first moment at which anything was written down. */
    private static String nearest(String end, String which) {
        return DoneKind.ALL.stream()
                .map(kind -> "select " + end + "(recorded_at) as at from " + kind.table() + " where " + which)
                .collect(Collectors.joining(" union all ", "select " + end + "(at) from (", ") w"));
    }

    private static DoneLine line(ResultSet row, ZoneId zone) throws SQLException {
        return new DoneLine(
                row.getString("by"),
                row.getString("kind"),
                row.getLong("count"),
                clock(row, "from", zone),
                clock(row, "to", zone),
                List.of(),
                null,
                row.getString("lot"),
                row.getObject("planting", UUID.class),
                row.getString("variety"),
                row.getObject("season", Integer.class),
                row.getString("named"));
    }

    private static LocalTime clock(ResultSet row, String column, ZoneId zone) throws SQLException {
        return LocalTime.ofInstant(row.getTimestamp(column).toInstant(), zone);
    }
}
