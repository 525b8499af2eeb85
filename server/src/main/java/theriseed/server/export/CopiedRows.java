package theriseed.server.export;

import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.postgresql.util.PSQLException;
import org.postgresql.util.ServerErrorMessage;
import theriseed.server.base.Refused;
import theriseed.server.photo.Photos;

/** The rows and pictures of a copy, on their way into tables. */
final class CopiedRows {
    private static final int LONGEST_HEADER = 10_000;
    private static final int LARGEST_PICTURE = 5_000_000;

    private CopiedRows() {}

    /**
     * All of them, into tables of the version that the copy is of.
     *
     * @throws Refused naming the file that does not fit
     */
    static void load(FarmZip zip, FarmTables tables) throws SQLException, IOException {
        for (String name : zip.names(FarmZip.TABLES)) {
            String table = name.substring(FarmZip.TABLES.length(), name.length() - ".csv".length());
            if (!tables.names().contains(table)) {
                throw new Refused("file", name, "copy.strangeTable");
            }
        }
        tables.run("set constraints all deferred");
        for (String table : tables.names()) {
            read(zip, table, tables);
        }
        pictures(zip, tables);
        said("the tables", () -> tables.run("set constraints all immediate"));
    }

    private static void read(FarmZip zip, String table, FarmTables tables) throws SQLException, IOException {
        String name = FarmZip.TABLES + table + ".csv";
        List<String> header = header(zip, name);
        Set<String> unknown = new HashSet<>(header);
        tables.columns(table).forEach(unknown::remove);
        if (!unknown.isEmpty() || header.size() != tables.columns(table).size()) {
            throw new Refused("file", name, "copy.otherColumns", "columns", String.join(",", tables.columns(table)));
        }
        try (InputStream csv = zip.open(name)) {
            said(name, () -> {
                if (table.equals(FarmTables.PHOTO)) {
                    tables.readPhotos(csv, header);
                } else {
                    tables.read(table, header, csv);
                }
            });
        }
    }

    /** Something done to the database. */
    private interface Act {
        void run() throws SQLException, IOException;
    }

    /** Does it; what the database refuses is said in its words. */
    private static void said(String name, Act act) throws SQLException, IOException {
        try {
            act.run();
        } catch (PSQLException wrong) {
            ServerErrorMessage says = wrong.getServerErrorMessage();
            throw new Refused(
                    "file",
                    name,
                    "copy.rowsDoNotFit",
                    "why",
                    says == null ? null : says.getMessage(),
                    "where",
                    says == null ? null : says.getWhere());
        }
    }

    private static List<String> header(FarmZip zip, String name) throws IOException {
        try (InputStream csv = new BufferedInputStream(zip.open(name))) {
            ByteArrayOutputStream line = new ByteArrayOutputStream();
            int next = csv.read();
            while (next >= 0 && next != '\n' && line.size() < LONGEST_HEADER) {
                line.write(next);
                next = csv.read();
            }
            return new ArrayList<>(
                    List.of(line.toString(StandardCharsets.UTF_8).strip().split(",")));
        }
    }

    private static void pictures(FarmZip zip, FarmTables tables) throws SQLException, IOException {
        for (String name : zip.names(FarmZip.PHOTOS)) {
            try (InputStream in = zip.open(name)) {
                byte[] jpeg = in.readNBytes(LARGEST_PICTURE + 1);
                if (jpeg.length > LARGEST_PICTURE || !Photos.isPicture(jpeg)) {
                    throw new Refused("file", name, "copy.noPicture");
                }
                UUID id = UUID.fromString(name.substring(FarmZip.PHOTOS.length(), name.length() - ".jpg".length()));
                if (tables.readPicture(id, jpeg) == 0) {
                    throw new Refused("file", name, "copy.pictureOfNothing");
                }
            }
        }
        int missing = tables.photosMissing();
        if (missing > 0) {
            throw new Refused("file", missing, "copy.picturesMissing", "missing", missing);
        }
    }
}
