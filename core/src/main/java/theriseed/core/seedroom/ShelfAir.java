package theriseed.core.seedroom;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Collection;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The air of a shelf month by month, as it was read; where nobody read it, as it usually is there. A month is as its mean:
 * single warm days, which age seed more than cool ones spare it, are levelled out.
 */
public final class ShelfAir {
    /** What lies ahead is taken to be as the last year was. */
    private static final int MONTHS_AHEAD = 12;

    private final Air usual;
    private final NavigableMap<YearMonth, Air> read;

    /** &deg;C, and percent relative humidity. */
    public record Air(double celsius, double humidity) {}

    /** @param read means of the months in which somebody read it */
    public ShelfAir(Air usual, Map<YearMonth, Air> read) {
        this.usual = usual;
        this.read = new TreeMap<>(read);
    }

    /**
     * From a day on, month by month until today; from then on as the last year was, where it still counts.
     *
     * @param until day from which it does not count any more
     * @return by the day from which it holds; nothing where no day is between
     */
    public NavigableMap<LocalDate, Air> from(LocalDate from, LocalDate until, LocalDate today) {
        NavigableMap<LocalDate, Air> air = new TreeMap<>();
        YearMonth month = YearMonth.from(from);
        for (LocalDate day = from; day.isBefore(until) && !day.isAfter(today); day = month.atDay(1)) {
            air.put(day, read.getOrDefault(month, usual));
            month = month.plusMonths(1);
        }
        if (until.isAfter(today)) {
            air.put(today.isBefore(from) ? from : today, ahead(today));
        }
        return air;
    }

    /** As it was in the last year; as it usually is where nobody read it then. */
    public Air ahead(LocalDate today) {
        return read(today, MONTHS_AHEAD).orElse(usual);
    }

    /** As it was read in the last months, this one among them; none where nobody read it. */
    public Optional<Air> read(LocalDate today, int months) {
        Collection<Air> lately =
                read.tailMap(YearMonth.from(today).minusMonths(months - 1L)).values();
        return lately.isEmpty()
                ? Optional.empty()
                : Optional.of(new Air(
                        lately.stream().mapToDouble(Air::celsius).average().orElseThrow(),
                        lately.stream().mapToDouble(Air::humidity).average().orElseThrow()));
    }
}
