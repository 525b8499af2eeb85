package theriseed.server.handbook;

import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Service;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.server.base.NotFound;

/** The crops of the table that ships with the app; a table that cannot be right stops the start. */
@Service
public class Crops {
    private final CropTable table = CropTable.shipped();

    public Crop get(String key) {
        return table.find(key).orElseThrow(NotFound.of("crop"));
    }

    /** Crops whose name, species, family or another name holds what was typed, in the order of the table. */
    public List<Crop> matching(String typed) {
        String wanted = typed.strip().toLowerCase(Locale.ROOT);
        return table.all().stream().filter(crop -> holds(crop, wanted)).toList();
    }

    /** Other crops of the same group, and those whose pollen it takes in part. */
    public List<Crop> crossingWith(Crop crop) {
        return table.all().stream()
                .filter(other -> !other.key().equals(crop.key()) && crop.takesPollenOf(other) > 0)
                .toList();
    }

    private static boolean holds(Crop crop, String wanted) {
        return crop.name().toLowerCase(Locale.ROOT).contains(wanted)
                || crop.species().toLowerCase(Locale.ROOT).contains(wanted)
                || crop.family().toLowerCase(Locale.ROOT).contains(wanted)
                || crop.aliases().stream()
                        .anyMatch(alias -> alias.toLowerCase(Locale.ROOT).contains(wanted));
    }
}
