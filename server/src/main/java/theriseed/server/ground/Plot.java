package theriseed.server.ground;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import java.util.Map;
import theriseed.core.ground.Place;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A piece of the farm's own ground. */
@Entity
class Plot extends Recorded {
    private static final Range ERROR = Range.of(0, 100, "m");

    private String name;

    @Convert(converter = CornersConverter.class)
    private Place corners;

    private double positionError;

    protected Plot() {}

    Plot(String name, Place place, double positionError, Stamp stamp) {
        super(stamp);
        change(name, place, positionError);
    }

    final void change(String name, Place place, double positionError) {
        this.name = name.strip();
        this.corners = place;
        this.positionError = ERROR.check("positionError", positionError);
    }

    Map<String, Object> facts() {
        return Map.of("name", name, "corners", corners.corners(), "positionError", positionError);
    }

    PlotView view() {
        return new PlotView(id(), version(), name, corners, positionError, corners.squareMetres());
    }
}
