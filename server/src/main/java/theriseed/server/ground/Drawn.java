package theriseed.server.ground;

import jakarta.persistence.Convert;
import jakarta.persistence.MappedSuperclass;
import java.util.Map;
import theriseed.core.ground.Place;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Something drawn on the map. What is taken off it is kept, out of sight. */
@MappedSuperclass
abstract class Drawn extends Recorded {
    private String name;

    @Convert(converter = CornersConverter.class)
    private Place corners;

    private boolean removed;

    protected Drawn() {}

    protected Drawn(Stamp stamp) {
        super(stamp);
    }

    final void draw(String name, Place place) {
        this.name = name.strip();
        this.corners = place;
    }

    final void remove(boolean removed) {
        this.removed = removed;
    }

    final String name() {
        return name;
    }

    final Place place() {
        return corners;
    }

    final boolean removed() {
        return removed;
    }

    /** What a correction compares. */
    abstract Map<String, Object> facts();

    abstract Object view();
}
