package theriseed.server.handbook;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.LinkedHashMap;
import java.util.Map;
import theriseed.core.crop.Figure;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A figure of the farm's own for a crop; without a value the general one rules again. */
@Entity
class OwnFigure extends Recorded {
    private String cropKey;

    @Enumerated(EnumType.STRING)
    private Figure figure;

    private Double value;
    private String reason;

    protected OwnFigure() {}

    OwnFigure(String cropKey, Figure figure, Stamp stamp) {
        super(stamp);
        this.cropKey = cropKey;
        this.figure = figure;
    }

    void become(Double value, String reason) {
        this.value = value;
        this.reason = reason.strip();
    }

    String cropKey() {
        return cropKey;
    }

    Figure figure() {
        return figure;
    }

    Double value() {
        return value;
    }

    String reason() {
        return reason;
    }

    Map<String, Object> facts() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put(figure.name(), value);
        return facts;
    }
}
