package theriseed.server.ground;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.ground.Place;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** What a neighbour was seen to grow in a season, where the grower has no say. */
@Entity
class Neighbour extends Recorded {
    private String name;
    private String cropKey;

    @Convert(converter = CornersConverter.class)
    private Place corners;

    private double positionError;
    private double area;
    private int season;
    private LocalDate bloomFirst;
    private LocalDate bloomLast;
    private LocalDate seenOn;
    private boolean sure;

    protected Neighbour() {}

    Neighbour(
            String name,
            String cropKey,
            Place place,
            double positionError,
            double area,
            int season,
            BloomWindow bloom,
            LocalDate seenOn,
            boolean sure,
            Stamp stamp) {
        super(stamp);
        this.name = name.strip();
        this.cropKey = cropKey;
        this.corners = place;
        this.positionError = Range.of(0, 500, "m").check("positionError", positionError);
        this.area = Range.above(0, 1e7, "m2").check("area", area);
        this.season = Range.of(2000, 2099, "year").check("season", season);
        this.bloomFirst = bloom == null ? null : bloom.first();
        this.bloomLast = bloom == null ? null : bloom.last();
        this.seenOn = seenOn;
        this.sure = sure;
    }

    NeighbourView view() {
        return new NeighbourView(
                id(),
                version(),
                name,
                cropKey,
                corners,
                positionError,
                area,
                season,
                bloomFirst,
                bloomLast,
                seenOn,
                sure);
    }
}
