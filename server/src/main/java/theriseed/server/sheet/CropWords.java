package theriseed.server.sheet;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import theriseed.core.crop.Crop;
import theriseed.server.handbook.Crops;

/** What crops are called in a file: by the key in the Handbook, by their name, one or many, or by their species. */
@Component
class CropWords {
    private final Crops crops;

    CropWords(Crops crops) {
        this.crops = crops;
    }

    /** Finds crops for the lines of one file. */
    Reading reading() {
        return new Reading(crops.matching(""));
    }

    static final class Reading {
        private final Map<String, String> keys = new HashMap<>();

        private Reading(List<Crop> all) {
            Set<String> several = new HashSet<>();
            for (Crop crop : all) {
                for (String word : new String[] {crop.name(), crop.name() + "s", crop.name() + "es", crop.species()}) {
                    String before = keys.put(small(word), crop.key());
                    if (before != null && !before.equals(crop.key())) {
                        several.add(small(word));
                    }
                }
            }
            keys.keySet().removeAll(several);
            all.forEach(crop -> keys.put(small(crop.key()), crop.key()));
        }

        private static String small(String word) {
            return word.strip().toLowerCase(Locale.ROOT).replace('-', ' ').replace('_', ' ');
        }

        /** The key of the crop that a line is about. */
        String key(Line line) {
            String typed = line.needed("crop", 60);
            String key = keys.get(small(typed));
            if (key == null) {
                throw Line.wrong("crop", typed, "crop");
            }
            return key;
        }
    }
}
