package theriseed.server.seedroom;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;

/** The air of shelves month by month, as it was read; where nobody read it, as it usually is. */
final class Conditions {
    /** What lies ahead is taken to be as the last year was. */
    private static final int MONTHS_AHEAD = 12;

    private final Map<UUID, ShelfFacts> shelves;
    private final Map<UUID, TreeMap<YearMonth, Air>> months = new HashMap<>();

    /** &deg;C, and percent relative humidity. */
    record Air(double celsius, double humidity) {}

    Conditions(Map<UUID, ShelfFacts> shelves, List<ShelfReadingRepository.Month> read) {
        this.shelves = shelves;
        read.forEach(month -> months.computeIfAbsent(month.getShelfId(), shelf -> new TreeMap<>())
                .put(
                        YearMonth.parse(month.getMonth()),
                        new Air(
                                month.getCelsius(),
                                month.getHumidity() == null
                                        ? shelves.get(month.getShelfId()).humidity()
                                        : month.getHumidity())));
    }

    /** The air of a shelf from a day on: month by month until today, then as the last year was. */
    TreeMap<LocalDate, Air> from(UUID shelf, LocalDate from, LocalDate until, LocalDate today) {
        TreeMap<LocalDate, Air> air = new TreeMap<>();
        YearMonth month = YearMonth.from(from);
        for (LocalDate day = from; day.isBefore(until) && !day.isAfter(today); day = month.atDay(1)) {
            air.put(day, in(shelf, month));
            month = month.plusMonths(1);
        }
        if (until.isAfter(today)) {
            air.put(today.isBefore(from) ? from : today, ahead(shelf, today));
        }
        return air;
    }

    /** As it was in the last year. */
    Air ahead(UUID shelf, LocalDate today) {
        YearMonth first = YearMonth.from(today).minusMonths(MONTHS_AHEAD - 1L);
        List<Air> lately = List.copyOf(
                months.getOrDefault(shelf, new TreeMap<>()).tailMap(first).values());
        if (lately.isEmpty()) {
            return usual(shelf);
        }
        return new Air(
                lately.stream().mapToDouble(Air::celsius).average().orElseThrow(),
                lately.stream().mapToDouble(Air::humidity).average().orElseThrow());
    }

    private Air in(UUID shelf, YearMonth month) {
        Air read = months.getOrDefault(shelf, new TreeMap<>()).get(month);
        return read == null ? usual(shelf) : read;
    }

    private Air usual(UUID shelf) {
        return new Air(shelves.get(shelf).celsius(), shelves.get(shelf).humidity());
    }
}
