package theriseed.server.seedroom;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.LinkedHashMap;
import java.util.Map;
import theriseed.core.measure.Range;
import theriseed.core.seedroom.ShelfKind;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A place in which containers of seed stand. */
@Entity
class Shelf extends Recorded {
    static final Range CELSIUS = Range.of(-40, 50, "C");
    static final Range HUMIDITY = Range.of(0, 100, "% relative humidity");

    private String name;

    @Enumerated(EnumType.STRING)
    private ShelfKind kind;

    private double celsius;
    private double humidity;
    private String note;

    protected Shelf() {}

    Shelf(ShelfFacts facts, Stamp stamp) {
        super(stamp);
        change(facts);
    }

    final void change(ShelfFacts facts) {
        name = facts.name().strip();
        kind = facts.kind();
        celsius = facts.celsius();
        humidity = facts.humidity();
        note = facts.note().strip();
    }

    String name() {
        return name;
    }

    ShelfKind kind() {
        return kind;
    }

    ShelfFacts facts() {
        return new ShelfFacts(name, kind, celsius, humidity, note);
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("name", name);
        facts.put("kind", kind);
        facts.put("celsius", celsius);
        facts.put("humidity", humidity);
        facts.put("note", note);
        return facts;
    }
}
