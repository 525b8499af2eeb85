package theriseed.server.ground;

import jakarta.persistence.Entity;
import java.util.Map;
import theriseed.core.ground.Place;
import theriseed.core.measure.Range;
import theriseed.server.base.Stamp;

/** A piece of the farm's own ground. */
@Entity
class Plot extends Drawn {
    private static final Range ERROR = Range.of(0, 100, "m");

    private double positionError;

    protected Plot() {}

    Plot(String name, Place place, double positionError, Stamp stamp) {
        super(stamp);
        change(name, place, positionError);
    }

    final void change(String name, Place place, double positionError) {
        draw(name, place);
        this.positionError = ERROR.check("positionError", positionError);
    }

    @Override
    Map<String, Object> facts() {
        return Map.of(
                "name", name(), "corners", place().corners(), "positionError", positionError, "removed", removed());
    }

    @Override
    PlotView view() {
        return new PlotView(id(), version(), name(), place(), positionError, place().squareMetres(), removed());
    }
}
