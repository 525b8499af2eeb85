package theriseed.server.weather;

import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.Weather;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Refused;
import theriseed.server.farm.Farms;
import theriseed.server.words.Reader;
import theriseed.server.words.Readers;
import theriseed.server.words.Refusals;
import theriseed.server.words.Sentences;

/** Days read from a CSV file with the columns {@code day, low, high}, a row a day, in degrees Celsius. */
@Component
class WeatherFile {
    private static final LocalDate FIRST = LocalDate.of(2000, 1, 1);

    /** A file whose days are on average so far from usual is not in Celsius, or not from here. */
    private static final double FAR_FROM_USUAL_C = 15;

    private static final int MOST_FAULTS = 20;

    private final Weathers weathers;
    private final Farms farms;
    private final FarmTime time;
    private final Readers readers;

    WeatherFile(Weathers weathers, Farms farms, FarmTime time, Readers readers) {
        this.readers = readers;
        this.weathers = weathers;
        this.farms = farms;
        this.time = time;
    }

    /**
     * What a file holds.
     *
     * @param faults a sentence for each line that is wrong; none is kept while there is one
     * @param gaps stretches without a row, for which the usual warmth stands in
     */
    record WeatherRead(int days, List<String> faults, List<String> gaps, boolean kept) {}

    WeatherRead read(String text, String name, boolean keep) {
        Reader reader = readers.now();
        List<String> faults = new ArrayList<>();
        Map<LocalDate, Weather.Day> days = new TreeMap<>();
        for (CSVRecord row : rows(text)) {
            String line = "Line " + (row.getRecordNumber() + 1) + ", ";
            try {
                LocalDate day = day(row.get("day"));
                Weather.Day air = air(row);
                if (days.put(day, air) != null) {
                    faults.add(line + "day: " + day + " stands twice");
                }
            } catch (Refused | OutOfRange wrong) {
                faults.add(line + Refusals.say(reader, wrong));
            } catch (IllegalArgumentException tooShort) {
                faults.add(line + tooShort.getMessage());
            }
        }
        if (days.isEmpty() && faults.isEmpty()) {
            throw new Refused("file", "no row", "weatherFile.empty");
        }
        if (!days.isEmpty()) {
            checkCelsius(days, farms.get().climate(), faults);
        }
        boolean good = faults.isEmpty();
        if (keep && good) {
            weathers.keep(days, name);
        }
        return new WeatherRead(days.size(), faults.stream().limit(MOST_FAULTS).toList(), gaps(days), keep && good);
    }

    private static List<CSVRecord> rows(String text) {
        try (CSVParser parser = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .get()
                .parse(new StringReader(text.replace("\uFEFF", "")))) {
            List<String> header = parser.getHeaderNames().stream()
                    .map(name -> name.toLowerCase(Locale.ROOT))
                    .toList();
            if (!header.containsAll(List.of("day", "low", "high"))) {
                throw new Refused(
                        "file", String.join(",", header), "weatherFile.columns", "columns", String.join(",", header));
            }
            return parser.getRecords();
        } catch (IOException | IllegalArgumentException broken) {
            throw new Refused("file", "broken", "weatherFile.noCsv");
        }
    }

    private LocalDate day(String text) {
        try {
            LocalDate day = LocalDate.parse(text);
            if (day.isBefore(FIRST) || day.isAfter(time.today())) {
                throw new OutOfRange("day", text, new Refusal.OutsideDays(FIRST, time.today()));
            }
            return day;
        } catch (DateTimeParseException bad) {
            throw new Refused("day", text, "notA.day");
        }
    }

    private static Weather.Day air(CSVRecord row) {
        double low = number("low", row.get("low"));
        double high = number("high", row.get("high"));
        if (high < low) {
            throw new Refused("high", high, "weatherFile.swapped", "low", low);
        }
        return new Weather.Day(low, high);
    }

    private static double number(String field, String text) {
        if (text.isEmpty()) {
            throw Refused.missing(field);
        }
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException bad) {
            throw new Refused(field, text, "notA.number");
        }
    }

    private static void checkCelsius(Map<LocalDate, Weather.Day> days, ClimateNormals usual, List<String> faults) {
        double off = days.entrySet().stream()
                .mapToDouble(entry -> (entry.getValue().low() + entry.getValue().high()) / 2
                        - usual.dayMean(entry.getKey().getDayOfYear()))
                .average()
                .orElseThrow();
        if (Math.abs(off) > FAR_FROM_USUAL_C) {
            faults.add(Sentences.say(
                    Reader.ANYBODY,
                    "refused.weatherFile.farFromUsual",
                    Map.of("by", Math.round(Math.abs(off)), "side", off > 0 ? "warmer" : "colder")));
        }
    }

    private static List<String> gaps(Map<LocalDate, Weather.Day> days) {
        List<String> gaps = new ArrayList<>();
        LocalDate before = null;
        for (LocalDate day : days.keySet()) {
            if (before != null && before.plusDays(1).isBefore(day)) {
                LocalDate first = before.plusDays(1);
                LocalDate last = day.minusDays(1);
                gaps.add(first.equals(last) ? first.toString() : first + " to " + last);
            }
            before = day;
        }
        return gaps;
    }
}
