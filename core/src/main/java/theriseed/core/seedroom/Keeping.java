package theriseed.core.seedroom;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import theriseed.core.crop.Crop;
import theriseed.core.drying.Equilibrium;
import theriseed.core.drying.SeedOil;
import theriseed.core.drying.WaterContent;
import theriseed.core.measure.Chance;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.measure.Refusal;

/**
 * How a lot keeps: its last germination carried through the places it stood in, to today and on. Three ways at once: from
 * the middle of the test, and from both ends of its range with half and twice the usual life, since that is how far such
 * forecasts are off. Damp, mould, insects and seed that cannot be dried are outside. Never a promise for a label.
 *
 * @param basis what it is calculated by
 * @param now percent that should germinate today
 * @param below day on which it should fall below the standard; none within {@link #FARTHEST_YEARS} years
 * @param retestOn when to test again: after a third of the time from the last test to that day, a year at most
 * @param sigma days in which the probit of germination falls by one, where it stands now
 * @param taken whether the place is drier or colder than the rule reaches, so that its end was taken
 */
public record Keeping(Basis basis, Percent now, Below below, LocalDate retestOn, double sigma, boolean taken) {
    /** Nobody knows farther. */
    public static final int FARTHEST_YEARS = 10;

    /** Forecasts of single lots are off by about this factor. */
    private static final double EASILY_OFF = 2;

    /** Of the crop table's storage years: cool and dry, from a good start. */
    private static final double USUAL_STORE_C = 12.5;

    private static final double USUAL_HUMIDITY = 0.4;
    private static final double GOOD_START = 95;

    /** Harrington's rule is for this much; beyond, its end is taken. */
    private static final double[] RULE_MOISTURE = {5, 14};

    private static final double[] RULE_STORE = {0, 50};
    private static final double[] FITTED_MOISTURE = {3, 18};
    private static final double[] FITTED_STORE = {-20, 40};

    private static final Map<String, StorageLife.Species> FITTED = Map.of(
            "onion", StorageLife.Species.ONION,
            "lettuce", StorageLife.Species.LETTUCE,
            "soybean", StorageLife.Species.SOYBEAN,
            "cowpea", StorageLife.Species.COWPEA);

    /** Constants fitted for the species, or the rule of thumb by the crop table's usual life. */
    public enum Basis {
        FITTED,
        RULE_OF_THUMB
    }

    /** Percent: the middle, and both ends. */
    public record Percent(double lower, double middle, double upper) {}

    /** Days on which it falls below: the earliest, the middle and the latest; each none when that is far off. */
    public record Below(Optional<LocalDate> earliest, Optional<LocalDate> middle, Optional<LocalDate> latest) {}

    /**
     * A germination test.
     *
     * @param lower end of its range, percent; {@code upper} the other
     */
    public record Tested(LocalDate on, double germination, double lower, double upper) {}

    /**
     * A place seed stands in from a day on, until the next.
     *
     * @param celsius of the place, &minus;40 to 50
     * @param moisture of the seed there, percent wet basis, 2 to 40, from {@code driest} to {@code dampest} where it is known
     *     less well than can be measured
     */
    public record Stay(LocalDate from, double celsius, double moisture, double driest, double dampest) {
        private static final Range MOISTURE = Range.of(2, 40, "% wet basis");

        public Stay {
            Range.of(-40, 50, "C").check("celsius", celsius);
            MOISTURE.check("moisture", moisture);
            MOISTURE.check("driest", driest);
            MOISTURE.check("dampest", dampest);
        }

        public Stay(LocalDate from, double celsius, double moisture) {
            this(from, celsius, moisture, moisture, moisture);
        }

        Stay at(double otherMoisture) {
            return new Stay(from, celsius, otherMoisture);
        }
    }

    /**
     * @param stays in order of days, at least one; the first counts from the test on, whenever it began
     * @param standard percent the grade needs, above 0 and below 100
     */
    public static Keeping of(Crop crop, Tested test, List<Stay> stays, double standard, LocalDate today) {
        return of(crop, test, stays, standard, today, 1);
    }

    /** The same of seed that keeps so many {@code times} as long as sound seed does. */
    static Keeping of(Crop crop, Tested test, List<Stay> stays, double standard, LocalDate today, double times) {
        Range.between(0, 100, "%").check("standard", standard);
        if (stays.isEmpty() || today.isBefore(test.on())) {
            throw new OutOfRange("stays", stays.size(), Refusal.AgainstRule.of("stays.none"));
        }
        Basis basis = FITTED.containsKey(crop.key()) ? Basis.FITTED : Basis.RULE_OF_THUMB;
        Course middle = new Course(crop, test.on(), test.germination(), stays, times);
        Course worst = new Course(
                crop, test.on(), test.lower(), each(stays, stay -> stay.at(stay.dampest())), times / EASILY_OFF);
        Course best = new Course(
                crop, test.on(), test.upper(), each(stays, stay -> stay.at(stay.driest())), times * EASILY_OFF);
        long toStandard = middle.daysTo(standard);
        return new Keeping(
                basis,
                new Percent(worst.at(today), middle.at(today), best.at(today)),
                new Below(worst.below(standard, today), middle.below(standard, today), best.below(standard, today)),
                test.on().plusDays(StorageLife.retestIn(toStandard, 0)),
                times * sigma(crop, stays.get(stays.size() - 1)),
                stays.stream().anyMatch(stay -> beyond(basis, stay)));
    }

    private static List<Stay> each(List<Stay> stays, UnaryOperator<Stay> as) {
        return stays.stream().map(as).toList();
    }

    /** Percent on any day since the test, by the middle of the forecast. */
    static ToDoubleFunction<LocalDate> course(Crop crop, Tested test, List<Stay> stays, double times) {
        return new Course(crop, test.on(), test.germination(), stays, times)::at;
    }

    /** How many times longer seed of a crop keeps in one place than in another. */
    public static double timesLonger(Crop crop, Stay here, Stay there) {
        return sigma(crop, there) / sigma(crop, here);
    }

    /** The moisture that open seed of a crop settles at, percent wet basis. @param humidity percent */
    public static double settlesAt(Crop crop, double celsius, double humidity) {
        return settlesAt(SeedOil.of(crop), celsius, humidity);
    }

    /** The same for seed of so much oil, as a share of its dry matter. */
    public static double settlesAt(double oil, double celsius, double humidity) {
        Range.of(-80, 80, "C").check("T", celsius);
        double damp = within(new double[] {0.05, 0.9}, Range.of(0, 100, "%").check("humidity", humidity) / 100);
        return WaterContent.wetBasis(Equilibrium.dryBasis(damp, within(new double[] {0, 50}, celsius), oil));
    }

    /** One way it may go. */
    private static final class Course {
        private final LocalDate from;
        private final List<Leg> legs = new ArrayList<>();

        private record Leg(LocalDate from, StorageLife life) {}

        Course(Crop crop, LocalDate from, double germination, List<Stay> stays, double longer) {
            this.from = from;
            double start = Math.min(99.5, Math.max(0.5, germination));
            for (int i = 0; i < stays.size(); i++) {
                boolean last = i + 1 == stays.size();
                if (!last && !stays.get(i + 1).from().isAfter(from)) {
                    continue;
                }
                double sigma = sigma(crop, stays.get(i)) * longer;
                if (legs.isEmpty()) {
                    legs.add(new Leg(from, new StorageLife(Chance.normalQuantile(start / 100), sigma)));
                } else {
                    Leg before = legs.get(legs.size() - 1);
                    LocalDate moved = stays.get(i).from();
                    legs.add(new Leg(
                            moved, before.life().movedAfter(ChronoUnit.DAYS.between(before.from(), moved), sigma)));
                }
            }
        }

        double at(LocalDate day) {
            Leg leg = legs.get(0);
            for (Leg next : legs) {
                leg = next.from().isAfter(day) ? leg : next;
            }
            return leg.life().after(Math.max(0, ChronoUnit.DAYS.between(leg.from(), day)));
        }

        /** Days from the test until it falls to the standard. */
        long daysTo(double standard) {
            for (int i = 0; i < legs.size(); i++) {
                Leg leg = legs.get(i);
                double days = Math.min(1e6, leg.life().daysTo(standard));
                long before = ChronoUnit.DAYS.between(from, leg.from());
                boolean here = i + 1 == legs.size()
                        || days
                                <= ChronoUnit.DAYS.between(
                                        leg.from(), legs.get(i + 1).from());
                if (here) {
                    return before + (long) days;
                }
            }
            throw new IllegalStateException("no last leg");
        }

        Optional<LocalDate> below(double standard, LocalDate today) {
            LocalDate day = from.plusDays(daysTo(standard));
            return Optional.of(day).filter(on -> on.isBefore(today.plusYears(FARTHEST_YEARS)));
        }
    }

    private static double sigma(Crop crop, Stay stay) {
        StorageLife.Species species = FITTED.get(crop.key());
        if (species != null) {
            return species.sigma(within(FITTED_MOISTURE, stay.moisture()), within(FITTED_STORE, stay.celsius()));
        }
        StorageLife.Usual usual = new StorageLife.Usual(
                crop.storageYears() * 365.25,
                within(RULE_MOISTURE, settlesAt(crop, USUAL_STORE_C, 100 * USUAL_HUMIDITY)),
                USUAL_STORE_C,
                GOOD_START,
                Math.min(GOOD_START - 1, crop.germinationStandard()));
        return StorageLife.byHarrington(
                        usual, GOOD_START, within(RULE_MOISTURE, stay.moisture()), within(RULE_STORE, stay.celsius()))
                .sigma();
    }

    private static boolean beyond(Basis basis, Stay stay) {
        double[] moisture = basis == Basis.FITTED ? FITTED_MOISTURE : RULE_MOISTURE;
        double[] store = basis == Basis.FITTED ? FITTED_STORE : RULE_STORE;
        return within(moisture, stay.moisture()) != stay.moisture() || within(store, stay.celsius()) != stay.celsius();
    }

    private static double within(double[] ends, double value) {
        return Math.min(ends[1], Math.max(ends[0], value));
    }
}
