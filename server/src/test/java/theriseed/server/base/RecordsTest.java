package theriseed.server.base;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import theriseed.server.DemoFarmTest;

/** What every record must be, whatever it records. */
@DemoFarmTest
class RecordsTest {
    @Autowired
    JdbcTemplate database;

    @Test
    void everyRecordSaysWhoAndWhen() {
        List<String> records = database.queryForList(
                "select table_name from information_schema.columns where table_schema = 'public' and column_name = 'version'"
                        + " and table_name <> 'flyway_schema_history' order by 1",
                String.class);
        assertThat(records).contains("walk", "lot", "pick", "step", "germination_test", "packing_run", "sale");
        for (String table : records) {
            assertThat(database.queryForObject(
                            "select count(*) from " + table + " where recorded_by = '' or recorded_at is null",
                            Long.class))
                    .as(table)
                    .isZero();
        }
    }

    @Test
    void massAndMoneyAreExactDecimals() {
        List<String> types = database.queryForList(
                "select distinct data_type from information_schema.columns where table_schema = 'public' and column_name in"
                        + " ('mass', 'mass_in', 'mass_out', 'water_added', 'fill', 'bulk', 'bulk_before', 'bulk_after', 'price')",
                String.class);
        assertThat(types).containsExactly("numeric");
    }

    @Test
    void daysAreDatesAndMomentsKnowTheirZone() {
        assertThat(database.queryForList(
                        "select distinct data_type from information_schema.columns where table_schema = 'public' and"
                                + " column_name like '%\\_on' and table_name not in ('flyway_schema_history')",
                        String.class))
                .containsExactly("date");
        assertThat(database.queryForList(
                        "select distinct data_type from information_schema.columns where table_schema = 'public' and"
                                + " column_name like '%\\_at' and column_name <> 'looked_at'",
                        String.class))
                .containsExactly("timestamp with time zone");
    }

    @Test
    void idsFollowTheOrderOfTime() {
        List<UUID> ids =
                IntStream.range(0, 1000).mapToObj(i -> Recorded.nextId()).toList();
        assertThat(ids.stream().map(UUID::toString).toList()).isSorted().doesNotHaveDuplicates();
        UUID id = Recorded.nextId();
        assertThat(id.version()).isEqualTo(7);
        assertThat(Instant.ofEpochMilli(id.getMostSignificantBits() >>> 16))
                .isBetween(Instant.now().minusSeconds(60), Instant.now().plusSeconds(60));
    }
}
