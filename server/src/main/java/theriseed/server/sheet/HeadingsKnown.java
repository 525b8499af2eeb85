package theriseed.server.sheet;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import theriseed.server.base.ReadsOnly;

/** What headings of files were said to be, so that nobody has to say it again. */
@Component
class HeadingsKnown {
    private final JdbcClient database;

    HeadingsKnown(JdbcClient database) {
        this.database = database;
    }

    /** By heading; what was left out before is not in it. */
    @ReadsOnly
    Map<String, Told.Matched> of(String sheet) {
        Map<String, Told.Matched> known = new HashMap<>();
        database.sql("select heading, column_name, unit from heading_known where sheet = ?")
                .param(sheet)
                .query(row -> {
                    String unit = row.getString("unit");
                    String column = row.getString("column_name");
                    known.put(
                            row.getString("heading"),
                            new Told.Matched(
                                    column.isEmpty() ? null : column, unit == null ? null : Unit.valueOf(unit)));
                });
        return known;
    }

    /** Remembers what was said of these headings. */
    void keep(String sheet, List<String> headings, List<Told.Matched> said) {
        for (int i = 0; i < headings.size(); i++) {
            if (!headings.get(i).isEmpty()) {
                keep(sheet, headings.get(i), said.get(i));
            }
        }
    }

    private void keep(String sheet, String heading, Told.Matched said) {
        database.sql("""
                        insert into heading_known (sheet, heading, column_name, unit) values (?, ?, ?, ?)
                        on conflict (sheet, heading)
                        do update set column_name = excluded.column_name, unit = excluded.unit
                        """)
                .param(sheet)
                .param(heading)
                .param(said.column() == null ? "" : said.column())
                .param(said.unit() == null ? null : said.unit().name())
                .update();
    }
}
