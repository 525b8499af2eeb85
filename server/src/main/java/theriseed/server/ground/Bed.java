package theriseed.server.ground;

import jakarta.persistence.Entity;
import java.util.Map;
import java.util.UUID;
import theriseed.core.ground.Place;
import theriseed.server.base.Stamp;

/** A bed of a plot. */
@Entity
class Bed extends Drawn {
    private UUID plotId;

    protected Bed() {}

    Bed(UUID plotId, String name, Place place, Stamp stamp) {
        super(stamp);
        this.plotId = plotId;
        draw(name, place);
    }

    UUID plotId() {
        return plotId;
    }

    @Override
    Map<String, Object> facts() {
        return Map.of("name", name(), "corners", place().corners(), "removed", removed());
    }

    @Override
    BedView view() {
        return new BedView(
                id(),
                version(),
                plotId,
                name(),
                place(),
                place().length(),
                place().narrowSide(),
                place().squareMetres(),
                removed());
    }
}
