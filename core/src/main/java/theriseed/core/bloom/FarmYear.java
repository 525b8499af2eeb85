package theriseed.core.bloom;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import theriseed.core.crop.Crop;

/**
 * The year as plants have it, from one coldest time to the next. A season is named after the year of its seed: north of the
 * equator its winter lies at the beginning of that year, in the south in the middle of the year before.
 *
 * @param normals the farm's usual year
 * @param frosts its usual days of frost; none where the grower has not said
 */
public record FarmYear(ClimateNormals normals, Optional<Frosts> frosts) {
    /** From the coldest time back to early autumn, when what was sown in summer is looked over. */
    private static final int AUTUMN_BEFORE_DAYS = 107;

    /** From the coldest time back to the days on which roots are lifted for the store. */
    private static final int LIFTING_BEFORE_DAYS = 80;

    /** Mean of a day from which on plants that overwintered grow again, &deg;C. */
    private static final double GROWS_C = 5;

    private static final int HALF_A_YEAR = 182;

    /** Days before the usual last frost on which hard ones are usually over. Experience. */
    private static final int HARD_FROSTS_BEFORE_LAST_DAYS = 42;

    /** Days of the year are a day off in a leap year. */
    private static final int DAYS_ROUND = 3;

    /** Usual low of a day about which the first frost comes where its day is not known, &deg;C. Experience. */
    private static final double FROST_NEAR_C = 4;

    /** A farm whose days of frost are not known. */
    public FarmYear(ClimateNormals normals) {
        this(normals, Optional.empty());
    }

    /** Whether its winter falls in the middle of the calendar year. */
    public boolean south() {
        return normals.coldestDay() > 91 && normals.coldestDay() < 274;
    }

    /** The coldest time before a season's seed ripens. */
    public LocalDate coldest(int season) {
        return LocalDate.ofYearDay(normals.coldestDay() <= 91 ? season : season - 1, normals.coldestDay());
    }

    /**
     * The winter that a planting goes through before it flowers. In the south what ripens by the end of a year may be sown
     * early in the same one.
     */
    public LocalDate winter(int season, LocalDate sown) {
        LocalDate coldest = coldest(season);
        return south() && coldest.isBefore(sown) ? coldest(season + 1) : coldest;
    }

    /** Early autumn before a winter. */
    public static LocalDate autumn(LocalDate winter) {
        return winter.minusDays(AUTUMN_BEFORE_DAYS);
    }

    /** When roots are usually lifted before a winter. */
    public static LocalDate lifting(LocalDate winter) {
        return winter.minusDays(LIFTING_BEFORE_DAYS);
    }

    /** When plants usually grow again after a winter; at once where it is never too cold. */
    public LocalDate regrowth(LocalDate winter) {
        return warmer(winter, GROWS_C);
    }

    /** First day after a winter on which it is usually so warm; half a year later where it never is. @param mean &deg;C */
    public LocalDate warmer(LocalDate winter, double mean) {
        LocalDate day = winter;
        while (normals.dayMean(day.getDayOfYear()) < mean && day.isBefore(winter.plusDays(HALF_A_YEAR))) {
            day = day.plusDays(1);
        }
        return day;
    }

    /**
     * From when roots out of the store may be planted again after a winter: when plants grow, and not so long before the
     * usual last frost that hard frosts are still to come.
     */
    public LocalDate replanting(LocalDate winter) {
        LocalDate grows = regrowth(winter);
        return lastFrostAfter(winter)
                .map(last -> last.minusDays(HARD_FROSTS_BEFORE_LAST_DAYS))
                .filter(grows::isBefore)
                .orElse(grows);
    }

    /** The season that grows on a day: the one whose seed ripens next. */
    public int seasonOn(LocalDate day) {
        return south() && !day.isBefore(coldest(day.getYear() + 1)) ? day.getYear() + 1 : day.getYear();
    }

    /** The season in which something grows that is on its ground between two days, whatever season it is filed under. */
    public int seasonOf(LocalDate from, LocalDate to) {
        LocalDate begins = from.isBefore(to.minusYears(1)) ? to.minusYears(1) : from;
        return seasonOn(begins.plusDays(ChronoUnit.DAYS.between(begins, to) / 2));
    }

    /**
     * The day from which frost, or cold that it does not outlive, usually has killed what stands in the open, after the warm
     * half of the year it stands in. A frost of spring, from which it can be sheltered, is not among them.
     *
     * @param crop killed at some temperature
     * @param outdoors first day it stands in the open
     * @return nothing where it stands any usual winter
     */
    public Optional<LocalDate> killed(Crop crop, LocalDate outdoors) {
        if (crop.handling().killedAt().isEmpty()) {
            return Optional.empty();
        }
        double firstFrost = frosts.map(
                        known -> normals.dayMean(known.first().atYear(2027).getDayOfYear()))
                .orElse(FROST_NEAR_C + normals.half());
        Optional<LocalDate> frost =
                colder(outdoors, firstFrost + crop.handling().killedAt().getAsDouble());
        // Where it never freezes, what is tender dwindles all the same when it is too cold for it to grow.
        Optional<LocalDate> cold = crop.handling().diesOfFrost() ? tooCold(crop, outdoors) : Optional.empty();
        return Stream.of(frost, cold).flatMap(Optional::stream).min(Comparator.naturalOrder());
    }

    /** The day from which it is usually too cold for a crop to grow and ripen, after the warm half of a day's year. */
    public Optional<LocalDate> tooCold(Crop crop, LocalDate day) {
        return colder(day, crop.baseTemperature());
    }

    /** The last frost of spring after a day in the cold half of the year, where the grower has said. */
    public Optional<LocalDate> lastFrostAfter(LocalDate day) {
        return frosts.map(known -> known.last().atYear(day.getYear()))
                .map(frost -> frost.isBefore(day) ? frost.plusYears(1) : frost);
    }

    /** First day from the warmest time of a day's year on, and not before it, whose usual mean is as low. */
    private Optional<LocalDate> colder(LocalDate day, double mean) {
        LocalDate thisYears = LocalDate.ofYearDay(day.getYear(), normals.coldestDay());
        LocalDate coldest = thisYears.isAfter(day) ? thisYears : thisYears.plusYears(1);
        LocalDate warmest = coldest.minusYears(1).plusDays(HALF_A_YEAR);
        LocalDate from = day.isAfter(warmest) ? day : warmest;
        LocalDate nearly = coldest.minusDays(DAYS_ROUND + Math.round(normals.daysFromColdest(mean)));
        return (nearly.isAfter(from) ? nearly : from)
                .datesUntil(coldest.plusDays(DAYS_ROUND))
                .filter(one -> normals.dayMean(one.getDayOfYear()) <= mean)
                .findFirst();
    }
}
