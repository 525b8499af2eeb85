package theriseed.server.seedroom;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.seedroom.Keeping;
import theriseed.core.seedroom.Keeping.Stay;
import theriseed.server.base.FarmTime;
import theriseed.server.base.ReadsOnly;
import theriseed.server.gate.LotKnown;
import theriseed.server.handbook.Crops;
import theriseed.server.quality.GerminationView;
import theriseed.server.seedroom.Conditions.Air;
import theriseed.server.seedroom.Containers.Placed;

/** Forecasts of what lots will still germinate, by the places their containers stood in. */
@Service
public class Keepings {
    /** Where nobody said where a lot stands, it is taken to stand cool and dry. */
    private static final Air COOL_AND_DRY = new Air(12.5, 40);

    private static final double ONE_POINT = 1;
    /** Times longer from which a gain is worth saying. */
    private static final double WORTH_SAYING = 1.2;

    private static final int POINTS = 25;
    private static final int YEARS_AHEAD = 3;

    private final Containers containers;
    private final Shelves shelves;
    private final Crops crops;
    private final FarmTime time;

    Keepings(Containers containers, Shelves shelves, Crops crops, FarmTime time) {
        this.containers = containers;
        this.shelves = shelves;
        this.crops = crops;
        this.time = time;
    }

    /** The lots among these that were tested: the others have nothing to go by. */
    @ReadsOnly
    public Map<UUID, KeepingView> of(Collection<LotKnown> lots) {
        return of(
                lots, containers.of(lots.stream().map(known -> known.lot().id()).toList()));
    }

    Map<UUID, KeepingView> of(Collection<LotKnown> lots, Map<UUID, List<Placed>> placed) {
        List<LotKnown> tested = lots.stream()
                .filter(known -> known.tests().germination() != null)
                .toList();
        Map<UUID, Shelf> on = shelves.byId();
        Conditions conditions = shelves.conditions(on.values());
        Map<UUID, KeepingView> keepings = new HashMap<>();
        for (LotKnown known : tested) {
            Crop crop = crops.get(known.planting().variety().cropKey());
            if (crop.storageYears() > 0) {
                keepings.put(
                        known.lot().id(),
                        new Lot(known, crop, conditions, on, time.today(), time.zone())
                                .view(placed.getOrDefault(known.lot().id(), List.of())));
            }
        }
        return keepings;
    }

    /** One lot's seed in its places. */
    private record Lot(
            LotKnown known, Crop crop, Conditions conditions, Map<UUID, Shelf> on, LocalDate today, ZoneId zone) {

        /** Where one container, or a lot that nobody put into any, stood. */
        private record Way(String place, List<Stay> stays, Air ahead, boolean sealed) {
            Stay last() {
                return stays.get(stays.size() - 1);
            }
        }

        /** By its worst container: that decides what may be promised of the lot. */
        KeepingView view(List<Placed> placed) {
            Keeping.Tested test = test();
            double standard = standard();
            List<Way> ways =
                    placed.stream().filter(Placed::holds).map(this::way).toList();
            return (ways.isEmpty() ? List.of(unplaced()) : ways)
                    .stream()
                            .map(way -> view(test, standard, way))
                            .min(Comparator.comparingDouble(view -> view.now().middle()))
                            .orElseThrow();
        }

        private Keeping.Tested test() {
            GerminationView test = known.tests().germination();
            return new Keeping.Tested(
                    test.countedOn(),
                    test.result().mean(),
                    test.result().lower(),
                    test.result().upper());
        }

        /** Own use has no standard; what the market asks is looked at then. */
        private double standard() {
            Grade grade = known.lot().grade() == Grade.STOCK ? Grade.STOCK : Grade.MARKET;
            return Math.min(99, grade.germinationAsked(crop.germinationStandard()));
        }

        private Way unplaced() {
            LocalDate from = known.tests().germination().countedOn();
            double settled = Keeping.settlesAt(crop, COOL_AND_DRY.celsius(), COOL_AND_DRY.humidity());
            return new Way(null, List.of(new Stay(from, COOL_AND_DRY.celsius(), settled)), COOL_AND_DRY, false);
        }

        private Way way(Placed placed) {
            LocalDate tested = known.tests().germination().countedOn();
            boolean sealed = placed.container().sealed();
            List<Stay> stays = new ArrayList<>();
            for (int i = 0; i < placed.moves().size(); i++) {
                UUID shelf = placed.moves().get(i).shelfId();
                LocalDate from = day(placed.moves().get(i));
                LocalDate until =
                        i + 1 < placed.moves().size() ? day(placed.moves().get(i + 1)) : LocalDate.MAX;
                if (until.isAfter(tested)) {
                    LocalDate since = from.isBefore(tested) ? tested : from;
                    conditions
                            .from(shelf, since, until, today)
                            .forEach((day, air) -> stays.add(stay(day, air, sealed)));
                }
            }
            UUID shelf = placed.now().shelfId();
            return new Way(on.get(shelf).name(), stays, conditions.ahead(shelf, today), sealed);
        }

        private LocalDate day(ContainerStay move) {
            return LocalDate.ofInstant(move.movedAt(), zone);
        }

        private Stay stay(LocalDate day, Air air, boolean sealed) {
            return new Stay(day, air.celsius(), sealed ? sealedIn() : settles(air));
        }

        private double settles(Air air) {
            return Keeping.settlesAt(crop, air.celsius(), air.humidity());
        }

        private double sealedIn() {
            return known.moisture() != null
                    ? Math.min(40, Math.max(2, known.moisture()))
                    : crop.storageMoisture().orElse(8);
        }

        private KeepingView view(Keeping.Tested test, double standard, Way way) {
            Keeping keeping = Keeping.of(crop, test, way.stays(), standard, today);
            return new KeepingView(
                    test.on(),
                    keeping.basis(),
                    keeping.now(),
                    new KeepingView.Below(
                            keeping.below().earliest().orElse(null),
                            keeping.below().middle().orElse(null),
                            keeping.below().latest().orElse(null)),
                    keeping.retestOn(),
                    keeping.sigma(),
                    keeping.taken(),
                    standard,
                    way.place(),
                    way.ahead().celsius(),
                    way.ahead().humidity(),
                    way.last().moisture(),
                    !way.sealed()
                            ? KeepingView.Moisture.SETTLES
                            : known.moisture() == null ? KeepingView.Moisture.TAKEN : KeepingView.Moisture.MEASURED,
                    gains(way),
                    curve(test, way));
        }

        private List<KeepingView.Gain> gains(Way way) {
            Stay here = way.last();
            return Stream.of(
                            gain(KeepingView.Better.DRIER, here, here.celsius(), here.moisture() - ONE_POINT),
                            gain(KeepingView.Better.FRIDGE, here, ShelfKind.FRIDGE.celsius(), here.moisture()),
                            gain(KeepingView.Better.FREEZER, here, ShelfKind.FREEZER.celsius(), here.moisture()))
                    .filter(Objects::nonNull)
                    .toList();
        }

        private KeepingView.Gain gain(KeepingView.Better how, Stay here, double celsius, double moisture) {
            if (moisture < 2) {
                return null;
            }
            double times = Keeping.timesLonger(crop, here, new Stay(here.from(), celsius, moisture));
            return times < WORTH_SAYING ? null : new KeepingView.Gain(how, celsius, moisture, times);
        }

        private List<KeepingView.Point> curve(Keeping.Tested test, Way way) {
            LocalDate until = today.plusYears(YEARS_AHEAD);
            long days = until.toEpochDay() - test.on().toEpochDay();
            ToDoubleFunction<LocalDate> course = Keeping.course(crop, test, way.stays());
            return IntStream.range(0, POINTS)
                    .mapToObj(i -> test.on().plusDays(days * i / (POINTS - 1)))
                    .map(day -> new KeepingView.Point(day, course.applyAsDouble(day)))
                    .toList();
        }
    }
}
