package theriseed.core.seedroom;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.seedroom.Keeping.Stay;
import theriseed.core.seedroom.ShelfAir.Air;

/**
 * How a lot keeps where it stands: as the worst of its containers, since that decides what may be promised of the lot.
 *
 * @param keeping the forecast
 * @param standard percent it should not fall below
 * @param place where the worst container stands; none where nobody said, and cool and dry is taken
 * @param ahead the air there, as it is taken to stay
 * @param moisture of the seed there, percent wet basis
 * @param moistureBy where that comes from
 * @param gains what would make it keep longer
 * @param curve percent by the middle of the forecast, from the test on until three years ahead
 */
public record LotKeeping(
        Keeping keeping,
        double standard,
        Optional<String> place,
        Air ahead,
        double moisture,
        MoistureBy moistureBy,
        List<Gain> gains,
        List<Point> curve) {
    /** Where nobody said where a lot stands, it is taken to stand as the crop table's storage years do. */
    private static final Air COOL_AND_DRY = new Air(12.5, 40);

    /** Percent wet basis that drying a little more takes out; below 2 no rule reaches. */
    private static final double ONE_POINT = 1;

    private static final double DRIEST = 2;
    private static final double DAMPEST = 40;

    /** Percent wet basis that sealed seed is taken to have where it was never measured and the crop table asks nothing. */
    private static final double SEALED_AT = 8;

    /** Times longer from which a gain is worth saying: less is within what such forecasts are off by. */
    private static final double WORTH_SAYING = 1.2;

    private static final double HIGHEST_STANDARD = 99;
    private static final int POINTS = 25;
    private static final int YEARS_AHEAD = 3;

    /** Where the moisture comes from. */
    public enum MoistureBy {
        /** Measured, and sealed in since. */
        MEASURED,
        /** Open seed settles with the air. */
        SETTLES,
        /** Sealed, but never measured: what the crop table asks of sealed packs. */
        TAKEN
    }

    /** What would make it keep longer. */
    public enum Better {
        DRIER,
        FRIDGE,
        FREEZER
    }

    /** @param celsius and {@code moisture} it would have then; {@code times} so many times as long */
    public record Gain(Better how, double celsius, double moisture, double times) {}

    public record Point(LocalDate on, double percent) {}

    /**
     * A lot's seed.
     *
     * @param tested its last germination test
     * @param moisture percent wet basis when last measured
     */
    public record Seed(Crop crop, Grade grade, Keeping.Tested tested, OptionalDouble moisture) {}

    /** A container that still holds some of it. @param moves onto shelves, oldest first, at least one */
    public record Container(boolean sealed, List<Move> moves) {}

    /** A container comes onto a shelf, called {@code place}, on a day. */
    public record Move(LocalDate on, String place, ShelfAir air) {}

    /** @return nothing of a crop whose storage years nobody knows */
    public static Optional<LotKeeping> of(Seed seed, List<Container> containers, LocalDate today) {
        if (seed.crop().storageYears() <= 0) {
            return Optional.empty();
        }
        Stream<Way> ways = containers.isEmpty()
                ? Stream.of(unplaced(seed))
                : containers.stream().map(container -> way(seed, container, today));
        return ways.map(way -> of(seed, way, today))
                .min(Comparator.comparingDouble(one -> one.keeping().now().middle()));
    }

    /** Where one container, or a lot that nobody put into any, stood. */
    private record Way(Optional<String> place, List<Stay> stays, Air ahead, boolean sealed) {
        Stay last() {
            return stays.get(stays.size() - 1);
        }
    }

    private static Way unplaced(Seed seed) {
        double settled = Keeping.settlesAt(seed.crop(), COOL_AND_DRY.celsius(), COOL_AND_DRY.humidity());
        Stay stay = new Stay(seed.tested().on(), COOL_AND_DRY.celsius(), settled);
        return new Way(Optional.empty(), List.of(stay), COOL_AND_DRY, false);
    }

    private static Way way(Seed seed, Container container, LocalDate today) {
        LocalDate tested = seed.tested().on();
        List<Move> moves = container.moves();
        List<Stay> stays = new ArrayList<>();
        for (int i = 0; i < moves.size(); i++) {
            Move move = moves.get(i);
            LocalDate until = i + 1 < moves.size() ? moves.get(i + 1).on() : LocalDate.MAX;
            if (until.isAfter(tested)) {
                LocalDate since = move.on().isBefore(tested) ? tested : move.on();
                move.air()
                        .from(since, until, today)
                        .forEach((day, air) -> stays.add(new Stay(
                                day, air.celsius(), container.sealed() ? sealedIn(seed) : settled(seed, air))));
            }
        }
        Move last = moves.get(moves.size() - 1);
        return new Way(Optional.of(last.place()), stays, last.air().ahead(today), container.sealed());
    }

    private static double settled(Seed seed, Air air) {
        return Keeping.settlesAt(seed.crop(), air.celsius(), air.humidity());
    }

    private static double sealedIn(Seed seed) {
        return seed.moisture().isPresent()
                ? Math.min(DAMPEST, Math.max(DRIEST, seed.moisture().getAsDouble()))
                : seed.crop().storageMoisture().orElse(SEALED_AT);
    }

    private static LotKeeping of(Seed seed, Way way, LocalDate today) {
        double standard = standard(seed);
        return new LotKeeping(
                Keeping.of(seed.crop(), seed.tested(), way.stays(), standard, today),
                standard,
                way.place(),
                way.ahead(),
                way.last().moisture(),
                !way.sealed()
                        ? MoistureBy.SETTLES
                        : seed.moisture().isPresent() ? MoistureBy.MEASURED : MoistureBy.TAKEN,
                gains(seed, way.last()),
                curve(seed, way, today));
    }

    /** Own use has no standard; what the market asks is looked at then. */
    private static double standard(Seed seed) {
        Grade grade = seed.grade() == Grade.STOCK ? Grade.STOCK : Grade.MARKET;
        return Math.min(HIGHEST_STANDARD, grade.germinationAsked(seed.crop().germinationStandard()));
    }

    private static List<Gain> gains(Seed seed, Stay here) {
        return Stream.of(
                        gain(seed, Better.DRIER, here, here.celsius(), here.moisture() - ONE_POINT),
                        gain(seed, Better.FRIDGE, here, ShelfKind.FRIDGE.celsius(), here.moisture()),
                        gain(seed, Better.FREEZER, here, ShelfKind.FREEZER.celsius(), here.moisture()))
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<Gain> gain(Seed seed, Better how, Stay here, double celsius, double moisture) {
        if (moisture < DRIEST) {
            return Optional.empty();
        }
        double times = Keeping.timesLonger(seed.crop(), here, new Stay(here.from(), celsius, moisture));
        return times < WORTH_SAYING ? Optional.empty() : Optional.of(new Gain(how, celsius, moisture, times));
    }

    private static List<Point> curve(Seed seed, Way way, LocalDate today) {
        LocalDate from = seed.tested().on();
        long days = ChronoUnit.DAYS.between(from, today.plusYears(YEARS_AHEAD));
        ToDoubleFunction<LocalDate> course = Keeping.course(seed.crop(), seed.tested(), way.stays());
        return IntStream.range(0, POINTS)
                .mapToObj(i -> from.plusDays(days * i / (POINTS - 1)))
                .map(day -> new Point(day, course.applyAsDouble(day)))
                .toList();
    }
}
