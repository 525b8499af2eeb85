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
import org.apache.commons.csv.CSVRecord;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;

/** All crops the app knows, by key, in the order of the table. */
public final class CropTable {
    private static final Map<String, Map<String, String>> HANDLING = byCrop("handling.csv").entrySet().stream()
            .collect(Collectors.toMap(Map.Entry::getKey, crop -> crop.getValue().get(0)));

    private static final Map<String, List<Stage>> STAGES = stages();

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
        try {
            return new CropRow(cells, STAGES.getOrDefault(key, List.of()), 0).crop();
        } catch (BadCropTable refused) {
            throw new OutOfRange("value", refused.value(), refused.refusal());
        }
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
