package theriseed.core.season;

import java.time.LocalDate;
import theriseed.core.bloom.FarmYear;
import theriseed.core.crop.LifeCycle;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.measure.Refusal;

/** Which days make sense for a planting that is to seed in a season. A season is named after the year of its seed. */
public record SeasonDates(LocalDate earliestSowing, LocalDate latestSowing, LocalDate latestPicking) {
    /** Days for which plants may stand on beyond their plan. Experience. */
    public static final int OUTSTAY_DAYS = 28;

    /**
     * Annuals are sown from the late summer before to the autumn of the season, biennials in the year before they seed.
     * Perennials stand for up to twenty years; the first may be the one they are sown in. Cloves, bulbs and tubers are
     * planted from the autumn before. What ripens may be picked until the end of the winter after. In the south, where a
     * summer lies in two years, a crop may be filed under either.
     */
    public static SeasonDates of(LifeCycle lifeCycle, int season, FarmYear year) {
        Range.of(2000, 2099, "year").check("season", season);
        LocalDate latestPicking = LocalDate.of(season + 1, year.south() ? 6 : 3, year.south() ? 30 : 31);
        LocalDate firstYear = LocalDate.of(season - 20, 1, 1);
        if (year.south()) {
            return switch (lifeCycle) {
                case ANNUAL, CLONAL ->
                    new SeasonDates(LocalDate.of(season - 1, 2, 1), LocalDate.of(season, 10, 31), latestPicking);
                case BIENNIAL ->
                    new SeasonDates(LocalDate.of(season - 2, 10, 1), LocalDate.of(season, 5, 31), latestPicking);
                case PERENNIAL -> new SeasonDates(firstYear, LocalDate.of(season, 10, 31), latestPicking);
            };
        }
        return switch (lifeCycle) {
            case ANNUAL -> new SeasonDates(LocalDate.of(season - 1, 8, 1), LocalDate.of(season, 9, 30), latestPicking);
            case BIENNIAL ->
                new SeasonDates(LocalDate.of(season - 1, 1, 1), LocalDate.of(season - 1, 12, 31), latestPicking);
            case PERENNIAL -> new SeasonDates(firstYear, LocalDate.of(season, 6, 30), latestPicking);
            case CLONAL -> new SeasonDates(LocalDate.of(season - 1, 9, 1), LocalDate.of(season, 6, 30), latestPicking);
        };
    }

    /**
     * @param setOut null when sown in the open
     * @param lifted null when roots stay in the ground; else {@code replanted} is there too
     * @param cleared last day on the ground; null when it stands until its seed is picked
     * @throws OutOfRange naming the field whose day cannot be
     */
    public void checkPlanting(
            LocalDate sown, LocalDate setOut, LocalDate lifted, LocalDate replanted, LocalDate cleared) {
        check("sownOn", sown, earliestSowing, latestSowing);
        if (setOut != null) {
            check("setOutOn", setOut, sown, latestPicking);
        }
        if (lifted != null) {
            check("liftedOn", lifted, sown.plusDays(1), latestPicking);
        }
        if (replanted != null) {
            check("replantedOn", replanted, lifted == null ? sown.plusDays(1) : lifted, latestPicking);
        }
        if (cleared != null) {
            check("clearedOn", cleared, sown.plusDays(1), latestPicking);
        }
    }

    /** Picking comes after sowing, within the season and not in days to come. */
    public void checkPicking(LocalDate sown, LocalDate picked, LocalDate today) {
        check("pickedOn", picked, sown.plusDays(1), latestPicking.isBefore(today) ? latestPicking : today);
    }

    /** A day between two others, both included. */
    public static void check(String field, LocalDate day, LocalDate from, LocalDate to) {
        if (day.isBefore(from) || day.isAfter(to)) {
            throw new OutOfRange(field, day, new Refusal.OutsideDays(from, to));
        }
    }
}
