package theriseed.server.seedroom;

import java.time.Instant;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.drying.SeedOil;
import theriseed.core.seedroom.Keeping;
import theriseed.core.seedroom.ShelfAir;
import theriseed.core.seedroom.ShelfKind;
import theriseed.core.seedroom.StorageLife;
import theriseed.server.base.Changed;
import theriseed.server.base.Changes;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Kept;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.instrument.SimulatedStore;
import theriseed.server.photo.Pictured;

/** The places seed stands in, and their air: typed, or heard from an instrument. */
@Service
public class Shelves implements Pictured {
    private static final long LOG_DAYS = 400;

    private final ShelfRepository shelves;
    private final ShelfReadingRepository readings;
    private final SimulatedStore store;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;
    private final Kept<ZoneId, Known> known;

    Shelves(
            ShelfRepository shelves,
            ShelfReadingRepository readings,
            SimulatedStore store,
            Corrections corrections,
            Stamps stamps,
            FarmTime time,
            Changes changes) {
        this.shelves = shelves;
        this.readings = readings;
        this.store = store;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
        this.known = new Kept<>(changes.of(Shelf.class, ShelfReading.class), 1);
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

    /** What is known of all shelves: their names and their air, as it was read. */
    record Known(Map<UUID, String> names, Map<UUID, ShelfAir> air) {}

    /** The same until a shelf is changed or read. */
    Known known() {
        ZoneId zone = time.zone();
        return known.of(zone, () -> read(zone));
    }

    private Known read(ZoneId zone) {
        List<Shelf> all = shelves.findAll();
        List<UUID> ids = all.stream().map(Shelf::id).toList();
        Map<UUID, List<ShelfReadingRepository.Month>> read = ids.isEmpty()
                ? Map.of()
                : readings.months(ids, zone.getId()).stream()
                        .collect(Collectors.groupingBy(ShelfReadingRepository.Month::getShelfId));
        return new Known(
                all.stream().collect(Collectors.toMap(Shelf::id, Shelf::name)),
                all.stream()
                        .collect(Collectors.toMap(
                                Shelf::id, shelf -> air(shelf, read.getOrDefault(shelf.id(), List.of())))));
    }

    private static ShelfAir air(Shelf shelf, List<ShelfReadingRepository.Month> read) {
        ShelfAir.Air usual =
                new ShelfAir.Air(shelf.facts().celsius(), shelf.facts().humidity());
        return new ShelfAir(
                usual,
                read.stream()
                        .collect(Collectors.toMap(
                                month -> YearMonth.parse(month.getMonth()),
                                month -> new ShelfAir.Air(
                                        month.getCelsius(),
                                        month.getHumidity() == null ? usual.humidity() : month.getHumidity()))));
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
                        Keeping.settlesAt(SeedOil.MIDDLING, celsius, humidity)));
    }

    @Override
    @ReadsOnly
    public boolean mayHavePictures(UUID id) {
        return shelves.existsById(id);
    }
}
