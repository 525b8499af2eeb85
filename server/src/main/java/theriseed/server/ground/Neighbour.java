package theriseed.server.ground;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import theriseed.core.isolation.NeighbourReport;
import theriseed.core.measure.Range;
import theriseed.server.base.Stamp;

/** What a neighbour was seen to grow in a season, where the grower has no say. */
@Entity
class Neighbour extends Drawn {
    @Enumerated(EnumType.STRING)
    private NeighbourReport.Kind kind;

    private String cropKey;
    private double positionError;
    private double area;
    private int season;
    private LocalDate bloomFirst;
    private LocalDate bloomLast;
    private LocalDate seenOn;
    private boolean sure;
    private LocalDate agreedBy;
    private LocalDate keptOn;

    protected Neighbour() {}

    Neighbour(Seen seen, Stamp stamp) {
        super(stamp);
        change(seen);
    }

    final void change(Seen seen) {
        draw(seen.name(), seen.place());
        this.kind = seen.kind();
        this.cropKey = seen.cropKey();
        this.positionError = Range.of(0, 400, "m").check("positionError", seen.positionError());
        this.area = Range.above(0, 1e7, "m2").check("area", seen.area());
        this.season = Range.of(2000, 2099, "year").check("season", seen.season());
        this.bloomFirst = seen.bloomFirst();
        this.bloomLast = seen.bloomLast();
        this.seenOn = seen.seenOn();
        this.sure = seen.sure();
        this.agreedBy = seen.agreedBy();
        this.keptOn = seen.keptOn();
    }

    Seen seen() {
        return new Seen(
                name(),
                kind,
                cropKey,
                place(),
                positionError,
                area,
                season,
                bloomFirst,
                bloomLast,
                seenOn,
                sure,
                agreedBy,
                keptOn);
    }

    @Override
    Map<String, Object> facts() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("name", name());
        facts.put("kind", kind);
        facts.put("cropKey", cropKey);
        facts.put("corners", place().corners());
        facts.put("positionError", positionError);
        facts.put("area", area);
        facts.put("season", season);
        facts.put("bloomFirst", bloomFirst);
        facts.put("bloomLast", bloomLast);
        facts.put("seenOn", seenOn);
        facts.put("sure", sure);
        facts.put("agreedBy", agreedBy);
        facts.put("keptOn", keptOn);
        facts.put("removed", removed());
        return facts;
    }

    @Override
    NeighbourView view() {
        return new NeighbourView(
                id(),
                version(),
                name(),
                kind,
                cropKey,
                place(),
                positionError,
                area,
                season,
                bloomFirst,
                bloomLast,
                seenOn,
                sure,
                agreedBy,
                keptOn);
    }
}
