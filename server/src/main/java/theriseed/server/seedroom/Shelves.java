package theriseed.server.seedroom;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.seedroom.Keeping;
import theriseed.core.seedroom.StorageLife;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.instrument.SimulatedStore;

/** The places seed stands in, and their air: typed, or heard from an instrument. */
@Service
public class Shelves {
    /** Of the dry matter; between beans and cabbage. */
    private static final double MIDDLING_OIL = 0.2;

    private static final long LOG_DAYS = 400;

    private final ShelfRepository shelves;
    private final ShelfReadingRepository readings;
    private final SimulatedStore store;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Shelves(
            ShelfRepository shelves,
            ShelfReadingRepository readings,
            SimulatedStore store,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.shelves = shelves;
        this.readings = readings;
        this.store = store;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    @ReadsOnly
    public List<ShelfView> all() {
        return views(shelves.findAllByOrderByName());
    }

    Map<UUID, Shelf> byId() {
        return shelves.findAll().stream().collect(Collectors.toMap(Shelf::id, Function.identity()));
    }

    @GrowersWork
    @Transactional
    public ShelfView make(ShelfFacts facts) {
        checkName(facts.name(), null);
        return views(List.of(shelves.saveAndFlush(new Shelf(facts, stamps.now()))))
                .get(0);
    }

    @GrowersWork
    @Transactional
    public ShelfView correct(UUID id, Changed made, ShelfFacts facts) {
        Shelf shelf = get(id);
        Clash.check(shelf, made.from(), views(List.of(shelf)).get(0));
        checkName(facts.name(), id);
        Map<String, Object> before = shelf.correctable();
        shelf.change(facts);
        corrections.keep("shelf", id, before, shelf.correctable(), made.because());
        return views(List.of(shelves.saveAndFlush(shelf))).get(0);
    }

    private void checkName(String name, UUID own) {
        shelves.findByNameIgnoreCase(name.strip())
                .filter(other -> !other.id().equals(own))
                .ifPresent(other -> {
                    throw new Refused("name", name, "name.taken", "other", other.name());
                });
    }

    /** Writes down what was read. @param readAt null for now */
    @HandsWork
    @Transactional
    public ShelfReadingView read(UUID id, Instant readAt, double celsius, Double humidity) {
        get(id);
        Instant at = readAt == null ? time.now() : readAt;
        if (at.isAfter(time.now())) {
            throw new Refused("readAt", at, "time.notYet");
        }
        return readings.save(new ShelfReading(id, at, celsius, humidity, "typed", stamps.now()))
                .view();
    }

    /** Writes down what the shelf's instrument shows. */
    @HandsWork
    @Transactional
    public ShelfReadingView hear(UUID id) {
        Shelf shelf = get(id);
        SimulatedStore.Air air = store.air(shelf.facts().celsius(), shelf.kind() == ShelfKind.COOL_ROOM, time.now());
        return readings.save(new ShelfReading(
                        id, time.now(), air.celsius(), air.humidity(), SimulatedStore.NAME, stamps.now()))
                .view();
    }

    /** The log of more than a year, oldest first. */
    @ReadsOnly
    public List<ShelfReadingView> log(UUID id) {
        get(id);
        return readings
                .findTop1000ByShelfIdAndReadAtGreaterThanEqualOrderByReadAtDesc(
                        id, time.now().minus(LOG_DAYS, ChronoUnit.DAYS))
                .stream()
                .map(ShelfReading::view)
                .sorted(Comparator.comparing(ShelfReadingView::readAt))
                .toList();
    }

    Conditions conditions(Collection<Shelf> of) {
        List<UUID> ids = of.stream().map(Shelf::id).toList();
        return new Conditions(
                of.stream().collect(Collectors.toMap(Shelf::id, Shelf::facts)),
                ids.isEmpty() ? List.of() : readings.months(ids, time.zone().getId()));
    }

    Shelf get(UUID id) {
        return shelves.findById(id).orElseThrow(NotFound.of("shelf"));
    }

    private List<ShelfView> views(List<Shelf> of) {
        Map<UUID, ShelfReadingView> last = of.isEmpty()
                ? Map.of()
                : readings.last(of.stream().map(Shelf::id).toList()).stream()
                        .collect(Collectors.toMap(ShelfReading::shelfId, ShelfReading::view));
        return of.stream().map(shelf -> view(shelf, last.get(shelf.id()))).toList();
    }

    private static ShelfView view(Shelf shelf, ShelfReadingView last) {
        ShelfFacts facts = shelf.facts();
        double celsius = last == null ? facts.celsius() : last.celsius();
        double humidity = last == null || last.humidity() == null ? facts.humidity() : last.humidity();
        return new ShelfView(
                shelf.id(),
                shelf.version(),
                facts.name(),
                facts.kind(),
                facts.celsius(),
                facts.humidity(),
                facts.note(),
                new ShelfView.Air(
                        celsius,
                        humidity,
                        last == null ? null : last.readAt(),
                        last == null ? null : last.source(),
                        StorageLife.sumRule(Math.min(40, Math.max(-20, celsius)), humidity),
                        Keeping.settlesAt(MIDDLING_OIL, celsius, humidity)));
    }
}
