package theriseed.core.crop;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;

/** All crops the app knows, by key, in the order of the table. */
public final class CropTable {
    private static final Map<String, Map<String, String>> HANDLING = byCrop("handling.csv").entrySet().stream()
            .collect(Collectors.toMap(Map.Entry::getKey, crop -> crop.getValue().get(0)));

    private static final Map<String, List<Stage>> STAGES = stages();

    private static final String KEY = "key";

    /** Not a column of the tables: the crop of theirs whose stages one of a farm's own has. */
    private static final String LIKE = "like";

    private static final List<String> COLUMNS = ownColumns();

    private final Map<String, Crop> crops;
    private final Map<String, Map<String, String>> rows;

    private CropTable(Map<String, Crop> crops, Map<String, Map<String, String>> rows) {
        this.crops = Collections.unmodifiableMap(crops);
        this.rows = rows;
    }

    /** The table that ships with the app. */
    public static CropTable shipped() {
        try (Reader reader = open("crops.csv")) {
            return read(reader);
        } catch (IOException failed) {
            throw new BadCropTable("The crop table cannot be read", failed);
        }
    }

    /**
     * @param reader of the table of crops; their stages and handling are those that ship with the app
     * @throws BadCropTable at the first cell that cannot be right, or a key that stands twice
     */
    public static CropTable read(Reader reader) {
        Map<String, Crop> crops = new LinkedHashMap<>();
        Map<String, Map<String, String>> rows = new HashMap<>();
        for (CSVRecord row : parse(reader)) {
            String key = row.get("key");
            Map<String, String> cells = new HashMap<>(HANDLING.getOrDefault(key, Map.of()));
            cells.putAll(row.toMap());
            Crop crop = new CropRow(cells, STAGES.getOrDefault(key, List.of()), row.getRecordNumber() + 1).crop();
            rows.put(crop.key(), cells);
            if (crops.put(crop.key(), crop) != null) {
                throw new BadCropTable(
                        row.getRecordNumber() + 1, "key", crop.key(), Refusal.AgainstRule.of("cropTable.keyTwice"));
            }
        }
        return new CropTable(crops, rows);
    }

    private static Map<String, List<Stage>> stages() {
        Map<String, List<Stage>> stages = new HashMap<>();
        byCrop("stages.csv")
                .forEach((key, rows) -> stages.put(
                        key,
                        rows.stream()
                                .map(cells -> new CropRow(cells, List.of(), 0).stage())
                                .toList()));
        return stages;
    }

    private static Map<String, List<Map<String, String>>> byCrop(String table) {
        Map<String, List<Map<String, String>>> crops = new HashMap<>();
        try (Reader reader = open(table)) {
            for (CSVRecord row : parse(reader)) {
                crops.computeIfAbsent(row.get("crop_key"), key -> new ArrayList<>())
                        .add(row.toMap());
            }
        } catch (IOException failed) {
            throw new BadCropTable("The crop table cannot be read", failed);
        }
        return crops;
    }

    private static Reader open(String table) {
        return new InputStreamReader(CropTable.class.getResourceAsStream(table), StandardCharsets.UTF_8);
    }

    private static List<CSVRecord> parse(Reader reader) {
        try {
            return CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get()
                    .parse(reader)
                    .getRecords();
        } catch (IOException failed) {
            throw new BadCropTable("The crop table cannot be read", failed);
        }
    }

    /**
     * A crop of a farm's own, begun from one of the table.
     *
     * @param like key of that crop, whose stages and cells it has where it has none of its own
     * @param cells by column, those that are the farm's own
     */
    public record OwnCrop(String key, String like, Map<String, String> cells) {}

    /**
     * This table with crops of a farm's own behind its own.
     *
     * @throws OutOfRange of the column that cannot be right
     */
    public CropTable with(Collection<OwnCrop> own) {
        Map<String, Crop> all = new LinkedHashMap<>(crops);
        Map<String, Map<String, String>> allRows = new HashMap<>(rows);
        for (OwnCrop one : own) {
            Map<String, String> cells = cells(one);
            all.put(one.key(), crop(cells, one.like(), null));
            allRows.put(one.key(), cells);
        }
        return new CropTable(all, allRows);
    }

    private Map<String, String> cells(OwnCrop own) {
        Map<String, String> cells = new HashMap<>(rows.get(own.like()));
        own.cells().forEach((column, cell) -> {
            if (!COLUMNS.contains(column)) {
                throw new OutOfRange(column, cell, Refusal.AgainstRule.of("cropTable.noColumn", "column", column));
            }
            cells.put(column, cell.strip());
        });
        cells.put(KEY, own.key());
        cells.put(LIKE, rows.get(own.like()).getOrDefault(LIKE, own.like()));
        return cells;
    }

    /** What stands in each column of a crop, for {@link #columns}. */
    public Map<String, String> cells(String key) {
        return Collections.unmodifiableMap(rows.get(key));
    }

    /** The columns that a crop of one's own may have otherwise, in the order of the tables. */
    public static List<String> columns() {
        return COLUMNS;
    }

    private static List<String> ownColumns() {
        List<String> columns = new ArrayList<>();
        for (String table : List.of("crops.csv", "handling.csv")) {
            try (Reader reader = open(table);
                    CSVParser parser = CSVFormat.DEFAULT
                            .builder()
                            .setHeader()
                            .setSkipHeaderRecord(true)
                            .get()
                            .parse(reader)) {
                columns.addAll(parser.getHeaderNames());
            } catch (IOException failed) {
                throw new BadCropTable("The crop table cannot be read", failed);
            }
        }
        columns.removeAll(List.of(KEY, "crop_key"));
        return List.copyOf(columns);
    }

    /** @param field that is refused in place of its column; null for the column */
    private static Crop crop(Map<String, String> cells, String stagesOf, String field) {
        try {
            return new CropRow(cells, STAGES.getOrDefault(stagesOf, List.of()), 0).crop();
        } catch (BadCropTable refused) {
            throw new OutOfRange(field == null ? refused.column() : field, refused.value(), refused.refusal());
        }
    }

    public Optional<Crop> find(String key) {
        return Optional.ofNullable(crops.get(key));
    }

    /**
     * A crop with figures of a farm's own in place of the table's.
     *
     * @throws OutOfRange of the {@code value} that cannot be right
     */
    public Crop otherwise(String key, Map<Figure, Double> own) {
        Map<String, String> cells = new HashMap<>(rows.get(key));
        own.forEach((figure, value) -> {
            if (figure.whole() && value != Math.rint(value)) {
                throw new OutOfRange("value", value, Refusal.AgainstRule.of("notA.wholeNumber"));
            }
            cells.put(figure.column(), BigDecimal.valueOf(value).toPlainString());
        });
        return crop(cells, cells.getOrDefault(LIKE, key), "value");
    }

    /** A figure as the table has it; none where it has none. */
    public OptionalDouble general(String key, Figure figure) {
        String cell = rows.get(key).get(figure.column()).strip();
        return cell.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(cell));
    }

    public Collection<Crop> all() {
        return crops.values();
    }
}
