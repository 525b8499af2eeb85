package theriseed.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.FarmYear;
import theriseed.core.bloom.GrowingDays;
import theriseed.core.crop.Crop;
import theriseed.core.crop.LifeCycle;

/**
 * Days on which a seed crop could be sown, set out, lifted and planted again, proposed from the crop and the farm's own
 * frosts and warmth. Rough, to begin with: a farm's own practice is better. What can be is raised under glass as long as
 * it must be to ripen, and no longer.
 *
 * @param setOut none when it is sown in the open
 * @param lifted none when it stays where it grows; together with {@code replanted}
 * @param cleared when tubers and bulbs are lifted; none for what gives seed
 */
public record ProposedDays(
        LocalDate sown,
        Optional<LocalDate> setOut,
        Optional<LocalDate> lifted,
        Optional<LocalDate> replanted,
        Optional<LocalDate> cleared) {
    private static final int AFTER_LAST_FROST_DAYS = 7;

    /** Where no frosts are known, usual means at which tender plants go out and hardy seed comes up, &deg;C. Experience. */
    private static final double TENDER_C = 12;

    private static final double HARDY_C = 7;
    private static final double ABOVE_BASE_C = 2;

    /** Weeks under glass that are tried, and those nightshades take at least. Experience. */
    private static final List<Integer> UNDER_GLASS_WEEKS = List.of(0, 4, 6, 8, 10);

    private static final int NIGHTSHADES_WEEKS = 8;

    /** Sown where they stand: they suffer from being moved. */
    private static final Set<String> NEVER_RAISED =
            Set.of("Poaceae", "Fabaceae", "Apiaceae", "Papaveraceae", "Linaceae");

    /** Days before the coldest time of the winter it goes through. Experience. */
    private static final int BIENNIAL_BEFORE_WINTER_DAYS = 215;

    private static final int ONIONS_BEFORE_WINTER_DAYS = 300;

    /** Annuals that need the winter go through it as small plants: sown in its first cool weeks. Experience. */
    private static final int WINTER_ANNUALS_BEFORE_WINTER_DAYS = 125;

    /** Perennials are sown the year before, when it has been growing weather for a while. */
    private static final int PERENNIAL_AFTER_GROWTH_DAYS = 45;

    /** Bulbs go into the ground so long before the coldest time, and come out so long after it. Experience. */
    private static final int BULBS_BEFORE_WINTER_DAYS = 90;

    private static final int BULBS_AFTER_WINTER_DAYS = 180;
    private static final int TUBERS_BEFORE_LAST_FROST_DAYS = 14;
    private static final int TUBERS_GROW_DAYS = 120;

    /** @param forecast of the farm, which knows its year */
    public static ProposedDays of(BloomForecast forecast, Crop crop, int season) {
        FarmYear year = forecast.year();
        LocalDate winter = year.coldest(season);
        return switch (crop.lifeCycle()) {
            case ANNUAL ->
                crop.goesThroughWinter()
                        ? sown(winter.minusDays(WINTER_ANNUALS_BEFORE_WINTER_DAYS))
                        : annual(forecast, crop, season);
            case BIENNIAL -> biennial(year, crop, season);
            case PERENNIAL -> sown(year.regrowth(year.coldest(season - 1)).plusDays(PERENNIAL_AFTER_GROWTH_DAYS));
            case CLONAL -> clonal(year, crop, winter);
        };
    }

    private static ProposedDays sown(LocalDate day) {
        return new ProposedDays(day, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    private static ProposedDays annual(BloomForecast forecast, Crop crop, int season) {
        record Tried(ProposedDays days, double chance) {}
        LocalDate outdoors = outdoors(forecast.year(), crop, season);
        List<Tried> tried = new ArrayList<>();
        for (int weeks : weeks(crop)) {
            LocalDate sown = outdoors.minusWeeks(weeks);
            Optional<LocalDate> setOut = weeks == 0 ? Optional.empty() : Optional.of(outdoors);
            BloomForecast.Bloom bloom = forecast.of(
                    crop, season, new GrowingDays(sown, setOut, Optional.empty(), Optional.empty(), Optional.empty()));
            Optional<RipensHere> here = RipensHere.of(forecast.year(), crop, outdoors, bloom, forecast.today());
            ProposedDays days = new ProposedDays(sown, setOut, Optional.empty(), Optional.empty(), Optional.empty());
            if (here.filter(ripens -> ripens.mark() == RipensHere.Mark.RIPENS).isPresent()) {
                return days;
            }
            tried.add(new Tried(days, here.map(RipensHere::chance).orElse(0.0)));
        }
        return tried.stream()
                .max(Comparator.comparingDouble(Tried::chance))
                .orElseThrow()
                .days();
    }

    private static List<Integer> weeks(Crop crop) {
        if (NEVER_RAISED.contains(crop.family())) {
            return List.of(0);
        }
        int least = crop.family().equals("Solanaceae") ? NIGHTSHADES_WEEKS : 0;
        return UNDER_GLASS_WEEKS.stream().filter(weeks -> weeks >= least).toList();
    }

    /** First day in the open of what grows in one summer. */
    private static LocalDate outdoors(FarmYear year, Crop crop, int season) {
        LocalDate winter = year.coldest(season);
        boolean tender = crop.handling().diesOfFrost();
        Optional<LocalDate> afterFrost = tender
                ? year.lastFrostAfter(winter).map(last -> last.plusDays(AFTER_LAST_FROST_DAYS))
                : Optional.empty();
        return afterFrost.orElseGet(() ->
                year.warmer(winter, tender ? TENDER_C : Math.max(HARDY_C, crop.baseTemperature() + ABOVE_BASE_C)));
    }

    /** Roots are lifted where the crop is lifted everywhere, or where a usual winter kills it. */
    private static ProposedDays biennial(FarmYear year, Crop crop, int season) {
        LocalDate winter = year.coldest(season);
        LocalDate earliest = SeasonDates.of(LifeCycle.BIENNIAL, season, year).earliestSowing();
        boolean onion = crop.family().equals("Amaryllidaceae");
        LocalDate usual = winter.minusDays(onion ? ONIONS_BEFORE_WINTER_DAYS : BIENNIAL_BEFORE_WINTER_DAYS);
        LocalDate sown = usual.isBefore(earliest) ? earliest : usual;
        boolean lifted = crop.overwinter().equals("lift-and-store")
                || !crop.overwinter().equals("in-ground")
                        && year.killed(crop, sown)
                                .filter(winter.plusDays(30)::isAfter)
                                .isPresent();
        return lifted
                ? new ProposedDays(
                        sown,
                        Optional.empty(),
                        Optional.of(FarmYear.lifting(winter)),
                        Optional.of(year.replanting(winter)),
                        Optional.empty())
                : sown(sown);
    }

    private static ProposedDays clonal(FarmYear year, Crop crop, LocalDate winter) {
        if (crop.family().equals("Amaryllidaceae")) {
            return stock(winter.minusDays(BULBS_BEFORE_WINTER_DAYS), winter.plusDays(BULBS_AFTER_WINTER_DAYS));
        }
        LocalDate planted = year.lastFrostAfter(winter)
                .map(last -> last.minusDays(TUBERS_BEFORE_LAST_FROST_DAYS))
                .orElseGet(() -> year.warmer(winter, HARDY_C));
        return stock(planted, planted.plusDays(TUBERS_GROW_DAYS));
    }

    private static ProposedDays stock(LocalDate planted, LocalDate lifted) {
        return new ProposedDays(planted, Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(lifted));
    }
}
