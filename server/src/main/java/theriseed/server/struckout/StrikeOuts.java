package theriseed.server.struckout;

import java.sql.Timestamp;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;
import theriseed.server.base.Stamps;

/**
 * Takes out what was made by mistake, as long as nothing rests on it: the record leaves its table and is kept as it stood, with
 * why, by whom and when. What points to it is asked of the database, so that a kind of record which comes later is seen too.
 */
@Service
public class StrikeOuts {
    /** Calculated from other records, which speak for themselves. */
    private static final String KEPT_OF_LOTS = "lot_kept";

    private final JdbcClient database;
    private final Stamps stamps;

    StrikeOuts(JdbcClient database, Stamps stamps) {
        this.database = database;
        this.stamps = stamps;
    }

    /** What may be struck out. */
    public enum Kind {
        VARIETY("name"),
        CUSTOMER("name"),

        /** Its number is never given again. */
        LOT("number");

        private final String named;

        Kind(String named) {
            this.named = named;
        }

        private String table() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Takes a record out. @throws Refused where another rests on it */
    @GrowersWork
    @Transactional
    public StruckOutView strike(Kind kind, UUID recordId, String because) {
        String named = database.sql("select " + kind.named + " from " + kind.table() + " where id = ? for update")
                .param(recordId)
                .query(String.class)
                .optional()
                .orElseThrow(NotFound.of(kind.table()));
        checkUnused(kind, recordId, named);
        StruckOutView out = new StruckOutView(Recorded.nextId(), kind, recordId, named, because.strip());
        Stamp stamp = stamps.now();
        database.sql("insert into struck_out select ?, ?, r.id, ?, to_jsonb(r)::text, ?, false, ?, ? from "
                        + kind.table() + " r where r.id = ?")
                .params(out.id(), kind.name(), named, out.because(), Timestamp.from(stamp.at()), stamp.by(), recordId)
                .update();
        database.sql("delete from " + kind.table() + " where id = ?")
                .param(recordId)
                .update();
        return out;
    }

    private record Pointer(String table, String column) {}

    private void checkUnused(Kind kind, UUID recordId, String named) {
        List<Pointer> pointers = database.sql("""
                        select c.conrelid::regclass::text as "table", a.attname as "column"
                        from pg_constraint c
                        join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
                        where c.contype = 'f' and c.confrelid = ?::regclass
                        order by 1, 2
                        """)
                .param(kind.table())
                .query((row, at) -> new Pointer(row.getString("table"), row.getString("column")))
                .list();
        for (Pointer pointer : pointers) {
            boolean used = !pointer.table().equals(KEPT_OF_LOTS)
                    && database.sql("select exists (select 1 from " + pointer.table() + " where " + pointer.column()
                                    + " = ?)")
                            .param(recordId)
                            .query(Boolean.class)
                            .single();
            if (used) {
                throw new Refused(
                        "recordId",
                        named,
                        "struckOut.used",
                        "named",
                        named,
                        "by",
                        pointer.table().replace('_', ' '));
            }
        }
    }

    /** Puts a record back as it stood. @throws Refused where another has its name by now, or it is back already */
    @GrowersWork
    @Transactional
    public StruckOutView takeBack(UUID id) {
        record Kept(StruckOutView out, boolean takenBack) {}
        Kept kept = database.sql(
                        "select id, kind, record_id, named, because, taken_back from struck_out where id = ? for update")
                .param(id)
                .query((row, at) -> new Kept(
                        new StruckOutView(
                                row.getObject("id", UUID.class),
                                Kind.valueOf(row.getString("kind")),
                                row.getObject("record_id", UUID.class),
                                row.getString("named"),
                                row.getString("because")),
                        row.getBoolean("taken_back")))
                .optional()
                .orElseThrow(NotFound.of("mistake"));
        StruckOutView out = kept.out();
        if (kept.takenBack()) {
            throw new Refused("id", out.named(), "struckOut.back", "named", out.named());
        }
        database.sql("insert into " + out.kind().table() + " select r.* from struck_out s,"
                        + " jsonb_populate_record(null::" + out.kind().table() + ", s.record::jsonb) r where s.id = ?")
                .param(id)
                .update();
        database.sql("update struck_out set taken_back = true where id = ?")
                .param(id)
                .update();
        return out;
    }
}
