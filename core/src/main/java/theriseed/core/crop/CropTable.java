package theriseed.core.crop;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** All crops the app knows, by key, in the order of the table. */
public final class CropTable {
    private final Map<String, Crop> crops;

    private CropTable(Map<String, Crop> crops) {
        this.crops = Collections.unmodifiableMap(crops);
    }

    /** The table that ships with the app. */
    public static CropTable shipped() {
        try (Reader reader =
                new InputStreamReader(CropTable.class.getResourceAsStream("crops.csv"), StandardCharsets.UTF_8)) {
            return read(reader);
        } catch (IOException failed) {
            throw new BadCropTable("The crop table cannot be read", failed);
        }
    }

    /**
     * @throws BadCropTable at the first cell that cannot be right, or a key that stands twice
     */
    public static CropTable read(Reader reader) {
        Map<String, Crop> crops = new LinkedHashMap<>();
        try {
            for (CSVRecord row : CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get()
                    .parse(reader)) {
                Crop crop = new CropRow(row).crop();
                if (crops.put(crop.key(), crop) != null) {
                    throw new BadCropTable(row.getRecordNumber() + 1, "key", crop.key(), "a key that stands only once");
                }
            }
        } catch (IOException failed) {
            throw new BadCropTable("The crop table cannot be read", failed);
        }
        return new CropTable(crops);
    }

    public Optional<Crop> find(String key) {
        return Optional.ofNullable(crops.get(key));
    }

    public Collection<Crop> all() {
        return crops.values();
    }
}
