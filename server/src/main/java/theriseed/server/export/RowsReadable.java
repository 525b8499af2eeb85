package theriseed.server.export;

import jakarta.persistence.EntityManager;
import jakarta.persistence.PersistenceUnitUtil;
import jakarta.persistence.metamodel.EntityType;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import theriseed.server.base.Changes;
import theriseed.server.base.Refused;

/** Reads every row that was taken in once as the program will read it, and names the line of one that cannot be. */
final class RowsReadable {
    private static final int AT_ONCE = 500;

    private final EntityManager records;
    private final FarmZip zip;
    private final FarmTables tables;
    private final PersistenceUnitUtil loading;

    RowsReadable(EntityManager records, FarmZip zip, FarmTables tables) {
        this.records = records;
        this.zip = zip;
        this.tables = tables;
        this.loading = records.getEntityManagerFactory().getPersistenceUnitUtil();
    }

    /** @throws Refused with the line of the first row that cannot be read */
    void check() throws SQLException, IOException {
        for (EntityType<?> kind : records.getMetamodel().getEntities()) {
            String table = Changes.table(records.getEntityManagerFactory(), kind);
            if (!tables.names().contains(table)) {
                continue;
            }
            Optional<UUID> impossible = tables.withImpossibleVersion(table);
            if (impossible.isPresent()) {
                throw refused(table, impossible.get());
            }
            readAll(kind, table);
        }
    }

    private void readAll(EntityType<?> kind, String table) throws IOException {
        List<Object> ids = records.createQuery(
                        "select id(r) from " + kind.getName() + " r order by id(r)", Object.class)
                .getResultList();
        for (int from = 0; from < ids.size(); from += AT_ONCE) {
            List<Object> some = ids.subList(from, Math.min(ids.size(), from + AT_ONCE));
            try {
                records.createQuery("select r from " + kind.getName() + " r where id(r) in :ids", kind.getJavaType())
                        .setParameter("ids", some)
                        .getResultList()
                        .forEach(record -> whole(kind, record));
            } catch (RuntimeException unreadable) {
                throw refused(table, firstUnreadable(kind, some));
            }
            records.clear();
        }
    }

    private Object firstUnreadable(EntityType<?> kind, List<Object> ids) {
        for (Object id : ids) {
            records.clear();
            try {
                whole(kind, records.find(kind.getJavaType(), id));
            } catch (RuntimeException unreadable) {
                return id;
            }
        }
        return ids.get(0);
    }

    private void whole(EntityType<?> kind, Object record) {
        kind.getPluralAttributes().forEach(list -> loading.load(record, list.getName()));
    }

    private Refused refused(String table, Object id) throws IOException {
        String file = FarmZip.TABLES + table + ".csv";
        return new Refused("file", file, "copy.rowUnreadable", "line", line(file, id));
    }

    /** Where a record stands in its file. */
    private int line(String file, Object id) throws IOException {
        try (InputStream csv = zip.open(file);
                BufferedReader lines = new BufferedReader(new InputStreamReader(csv, StandardCharsets.UTF_8))) {
            int at = 1;
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.contains(id.toString())) {
                    return at;
                }
                at++;
            }
            return 1;
        }
    }
}
