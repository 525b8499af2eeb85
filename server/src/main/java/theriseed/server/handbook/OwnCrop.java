package theriseed.server.handbook;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import java.util.LinkedHashMap;
import java.util.Map;
import theriseed.core.crop.CropTable;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A crop of the farm's own, begun from one that ships with the app. */
@Entity
class OwnCrop extends Recorded {
    private String key;
    private String likeKey;

    @Convert(converter = CellsConverter.class)
    private Map<String, String> cells;

    protected OwnCrop() {}

    OwnCrop(String key, String like, Stamp stamp) {
        super(stamp);
        this.key = key;
        this.likeKey = like;
    }

    void become(Map<String, String> cells) {
        this.cells = Map.copyOf(cells);
    }

    String like() {
        return likeKey;
    }

    /** By column of the crop tables, those that are the farm's own. */
    Map<String, String> cells() {
        return cells;
    }

    CropTable.OwnCrop row() {
        return new CropTable.OwnCrop(key, likeKey, cells);
    }

    /** What a correction compares: every column, with nothing where it is as usual. */
    Map<String, Object> facts() {
        Map<String, Object> facts = new LinkedHashMap<>();
        CropTable.columns().forEach(column -> facts.put(column, cells.get(column)));
        return facts;
    }
}
