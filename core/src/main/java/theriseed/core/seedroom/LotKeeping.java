package theriseed.core.seedroom;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.drying.Dryness;
import theriseed.core.drying.SeedMoisture;
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

    /** Points more that it may have then. */
    private static final double MAY_BE_DAMPER = 5;

    /** Points of a range that the forecast's own error covers. */
    private static final double COVERED = 1;

    /** Heat that does not kill seed ages it. How much nobody can tell of one lot: a convention, on the careful side. */
    private static final double HEATED_KEEPS = 0.5;

    /** Times longer from which a gain is worth saying: less is within what such forecasts are off by. */
    private static final double WORTH_SAYING = 1.2;

    /** Seed in cloth or paper has settled with the air by then; a full sack takes about so long. */
    private static final int SETTLES_IN_DAYS = 30;

    /** Months of the air that it settles with. */
    private static final int SETTLES_BY_MONTHS = 3;

    private static final double HIGHEST_STANDARD = 99;
    private static final int POINTS = 25;
    private static final int YEARS_AHEAD = 3;

    /** Where the moisture comes from. */
    public enum MoistureBy {
        /** Measured, and sealed in since. */
        MEASURED,
        /** Calculated from its weights, and sealed in since. */
        WEIGHT,
        /** As it had settled with the air, and sealed in since. */
        AIR,
        /** Open seed settles with the air. */
        SETTLES,
        /** Sealed, but not known: what the crop table asks of sealed packs at best, up to five points more at worst. */
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
     * @param moisture of it now, as far as it is known
     * @param heated whether it was dried in warmer air than it bears: it is taken to keep half as long
     */
    public record Seed(Crop crop, Grade grade, Keeping.Tested tested, Optional<SeedMoisture> moisture, boolean heated) {
        double times() {
            return heated ? HEATED_KEEPS : 1;
        }
    }

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

    /**
     * The moisture to which all of a lot has settled that stands open in air that somebody read: the dampest of its containers.
     *
     * @param containers that still hold some of it
     * @param since day on which its moisture was told last
     * @return nothing where one is sealed, stands too short yet, or its air was not read
     */
    public static Optional<Settled> settled(Crop crop, List<Container> containers, LocalDate since, LocalDate today) {
        List<Optional<Settled>> each = containers.stream()
                .map(container -> settled(crop, container, since, today))
                .toList();
        return each.stream().allMatch(Optional::isPresent)
                ? each.stream()
                        .flatMap(Optional::stream)
                        .max(Comparator.comparingDouble(one -> one.moisture().percent()))
                : Optional.empty();
    }

    /** @param on day from which it is taken to have settled */
    public record Settled(LocalDate on, SeedMoisture moisture) {}

    private static Optional<Settled> settled(Crop crop, Container container, LocalDate since, LocalDate today) {
        Move last = container.moves().get(container.moves().size() - 1);
        LocalDate on = (last.on().isAfter(since) ? last.on() : since).plusDays(SETTLES_IN_DAYS);
        return container.sealed() || on.isAfter(today)
                ? Optional.empty()
                : last.air()
                        .read(today, SETTLES_BY_MONTHS)
                        .map(air -> new Settled(on, SeedMoisture.settled(crop, air.celsius(), air.humidity())));
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
                        .forEach((day, air) -> stays.add(
                                container.sealed()
                                        ? sealedIn(seed, day, air.celsius())
                                        : new Stay(day, air.celsius(), settled(seed, air))));
            }
        }
        Move last = moves.get(moves.size() - 1);
        return new Way(Optional.of(last.place()), stays, last.air().ahead(today), container.sealed());
    }

    private static double settled(Seed seed, Air air) {
        return Keeping.settlesAt(seed.crop(), air.celsius(), air.humidity());
    }

    private static Stay sealedIn(Seed seed, LocalDate day, double celsius) {
        if (seed.moisture().isEmpty()) {
            double taken = seed.crop().storageMoisture().orElse(SEALED_AT);
            return new Stay(day, celsius, taken, taken, taken + MAY_BE_DAMPER);
        }
        SeedMoisture known = seed.moisture().get();
        double moisture = storable(known.percent());
        return new Stay(
                day,
                celsius,
                moisture,
                Math.min(moisture, storable(known.low() + COVERED)),
                Math.max(moisture, storable(known.high() - COVERED)));
    }

    private static double storable(double moisture) {
        return Math.min(DAMPEST, Math.max(DRIEST, moisture));
    }

    private static MoistureBy by(Seed seed, Way way) {
        if (!way.sealed()) {
            return MoistureBy.SETTLES;
        }
        return seed.moisture()
                .map(known -> switch (known.by()) {
                    case MEASURED -> MoistureBy.MEASURED;
                    case WEIGHT -> MoistureBy.WEIGHT;
                    case AIR -> MoistureBy.AIR;
                })
                .orElse(MoistureBy.TAKEN);
    }

    private static LotKeeping of(Seed seed, Way way, LocalDate today) {
        double standard = standard(seed);
        return new LotKeeping(
                Keeping.of(seed.crop(), seed.tested(), way.stays(), standard, today, seed.times()),
                standard,
                way.place(),
                way.ahead(),
                way.last().moisture(),
                by(seed, way),
                gains(seed, way),
                curve(seed, way, today));
    }

    /** Own use has no standard; what the market asks is looked at then. */
    private static double standard(Seed seed) {
        Grade grade = seed.grade() == Grade.STOCK ? Grade.STOCK : Grade.MARKET;
        return Math.min(HIGHEST_STANDARD, grade.germinationAsked(seed.crop().germinationStandard()));
    }

    /** Only seed that is known to be dry is frozen. */
    private static List<Gain> gains(Seed seed, Way way) {
        Stay here = way.last();
        boolean freezes = way.sealed() && Dryness.toFreeze(seed.moisture()) == Dryness.DRY_ENOUGH
                || !way.sealed() && here.moisture() <= Dryness.FREEZES_UP_TO;
        return Stream.of(
                        gain(seed, Better.DRIER, here, here.celsius(), here.moisture() - ONE_POINT),
                        gain(seed, Better.FRIDGE, here, ShelfKind.FRIDGE.celsius(), here.moisture()),
                        freezes
                                ? gain(seed, Better.FREEZER, here, ShelfKind.FREEZER.celsius(), here.moisture())
                                : Optional.<Gain>empty())
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
        ToDoubleFunction<LocalDate> course = Keeping.course(seed.crop(), seed.tested(), way.stays(), seed.times());
        return IntStream.range(0, POINTS)
                .mapToObj(i -> from.plusDays(days * i / (POINTS - 1)))
                .map(day -> new Point(day, course.applyAsDouble(day)))
                .toList();
    }
}
