package theriseed.server.ground;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Map;
import theriseed.core.ground.Place;
import theriseed.core.isolation.Barrier;
import theriseed.core.measure.Range;
import theriseed.server.base.Stamp;

/** A wood, a hedge, a building or a tall crop that holds pollen back. */
@Entity
@Table(name = "barrier")
class BarrierOnGround extends Drawn {
    private static final Range HEIGHT = Range.of(0.5, 60, "m");

    @Enumerated(EnumType.STRING)
    private Barrier.Kind kind;

    private double height;
    private double held;

    protected BarrierOnGround() {}

    BarrierOnGround(String name, Place place, Barrier.Kind kind, double height, double held, Stamp stamp) {
        super(stamp);
        change(name, place, kind, height, held);
    }

    final void change(String name, Place place, Barrier.Kind kind, double height, double held) {
        draw(name, place);
        this.kind = kind;
        this.height = HEIGHT.check("height", height);
        this.held = new Barrier(place, held).held();
    }

    @Override
    Map<String, Object> facts() {
        return Map.of(
                "name",
                name(),
                "corners",
                place().corners(),
                "kind",
                kind,
                "height",
                height,
                "held",
                held,
                "removed",
                removed());
    }

    @Override
    BarrierView view() {
        return new BarrierView(id(), version(), name(), place(), kind, height, held);
    }
}
