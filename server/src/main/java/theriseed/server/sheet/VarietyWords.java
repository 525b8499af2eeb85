package theriseed.server.sheet;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import theriseed.server.base.PageOf;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;

/** What varieties are called in a file: by their crop and their name. */
@Component
class VarietyWords {
    private final CropWords crops;
    private final Varieties varieties;

    VarietyWords(CropWords crops, Varieties varieties) {
        this.crops = crops;
        this.varieties = varieties;
    }

    /** Finds varieties for the lines of one file. */
    Reading reading() {
        Map<String, UUID> ids = new HashMap<>();
        Pages.all(page -> varieties.matching("", page, PageOf.LARGEST_SIZE))
                .forEach((VarietyView variety) -> ids.put(key(variety.cropKey(), variety.name()), variety.id()));
        return new Reading(crops.reading(), ids);
    }

    private static String key(String crop, String name) {
        return crop + '\n' + name.toLowerCase(Locale.ROOT);
    }

    /** @param ids by crop and name */
    record Reading(CropWords.Reading crops, Map<String, UUID> ids) {
        /** The variety that a line is about. */
        UUID id(Line line) {
            String name = line.needed("variety", 80);
            UUID id = ids.get(key(crops.key(line), name));
            if (id == null) {
                throw Line.wrong("variety", name, "varietyOfCrop");
            }
            return id;
        }
    }
}
