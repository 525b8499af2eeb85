package theriseed.server.words;

import com.ibm.icu.text.DateFormat;
import com.ibm.icu.text.NumberFormat;
import com.ibm.icu.util.GregorianCalendar;
import com.ibm.icu.util.TimeZone;
import com.ibm.icu.util.ULocale;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;

/**
 * Whom something is told: the units they think in, and the country whose numbers and dates they read. Sentences are
 * English. The screens write figures by the same rules, and both are held to the same examples.
 *
 * @param locale English as it is written in some country
 * @param now null where nobody knows when it is read
 */
public record Reader(Locale locale, Units units, LocalDateTime now) {
    /** Where nobody in particular reads: programs, and people who have not said. */
    public static final Reader ANYBODY = new Reader(Locale.UK, Units.METRIC, null);

    /** English with the numbers and dates of a country, by language tag: those the catalogue names. */
    public static final List<String> LOCALES = Sentences.keysOf("countries");

    private static final double OUNCE_G = 28.349523125;
    private static final double POUND_G = 453.59237;
    private static final double FOOT_M = 0.3048;
    private static final double MILE_M = 1609.344;

    public String number(double value, int places) {
        NumberFormat format = NumberFormat.getInstance(locale);
        format.setMaximumFractionDigits(places);
        format.setRoundingMode(RoundingMode.HALF_UP.ordinal());
        String digits = format.format(value);
        return digits.equals("-0") ? "0" : digits;
    }

    /** Three figures that mean something, never a power of ten. */
    public String figure(double value) {
        double size = Math.abs(value);
        return number(value, size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : size >= 0.1 ? 3 : 4);
    }

    public String mass(double grams) {
        if (units == Units.US) {
            return grams >= POUND_G ? figure(grams / POUND_G) + " lb" : figure(grams / OUNCE_G) + " oz";
        }
        return grams >= 1000 ? figure(grams / 1000) + " kg" : figure(grams) + " g";
    }

    /** A mass that was agreed, to the hundredth: on invoices and packets nothing is rounded away. */
    public String agreed(BigDecimal grams) {
        return units == Units.US
                ? number(grams.doubleValue() / OUNCE_G, 2) + " oz"
                : number(grams.doubleValue(), 2) + " g";
    }

    public String distance(double metres) {
        if (units == Units.US) {
            return Math.abs(metres) >= MILE_M ? figure(metres / MILE_M) + " mi" : number(metres / FOOT_M, 0) + " ft";
        }
        return Math.abs(metres) >= 1000 ? number(metres / 1000, 2) + " km" : number(metres, 0) + " m";
    }

    public String area(double squareMetres) {
        return units == Units.US
                ? number(squareMetres / (FOOT_M * FOOT_M), 0) + " sq ft"
                : number(squareMetres, squareMetres < 10 ? 1 : 0) + " m²";
    }

    public String temperature(double celsius) {
        return units == Units.US ? number(celsius * 1.8 + 32, 0) + " °F" : number(celsius, 1) + " °C";
    }

    /** A length within a plot, to a tenth. */
    public String reach(double metres) {
        return units == Units.US ? number(metres / FOOT_M, 1) + " ft" : number(metres, 1) + " m";
    }

    /** An amount to the hundredth, without its currency. */
    public String money(BigDecimal amount) {
        NumberFormat format = NumberFormat.getInstance(locale);
        format.setMinimumFractionDigits(2);
        format.setMaximumFractionDigits(2);
        format.setRoundingMode(RoundingMode.HALF_UP.ordinal());
        return format.format(amount);
    }

    /** Percent, to a tenth; below one to a hundredth. */
    public String percent(double value) {
        return number(value, Math.abs(value) >= 1 ? 1 : 2) + " %";
    }

    /** A fraction as percent, with as many figures as it deserves. */
    public String share(double fraction) {
        double value = 100 * fraction;
        return number(value, value >= 10 ? 0 : value >= 1 ? 1 : 2) + " %";
    }

    /** A day with its year: {@code 4 Mar 2026}. */
    public String day(LocalDate day) {
        return written(day, "yMMMd");
    }

    /** A day, with its year only where it is another than this: {@code 4 Mar}. */
    public String dayMonth(LocalDate day) {
        return written(day, now != null && day.getYear() == now.getYear() ? "MMMd" : "yMMMd");
    }

    /** A month with its year: {@code March 2026}. */
    public String month(LocalDate day) {
        return written(day, "yMMMM");
    }

    /** A moment on the farm's clock: {@code 11:20} today, {@code Fri 11:20} within six days, else with its day. */
    public String moment(LocalDateTime moment) {
        String clock = moment.toLocalTime().truncatedTo(ChronoUnit.MINUTES).toString();
        long apart = now == null
                ? Long.MAX_VALUE
                : Math.abs(ChronoUnit.DAYS.between(now.toLocalDate(), moment.toLocalDate()));
        if (apart == 0) {
            return clock;
        }
        return apart > 6
                ? dayMonth(moment.toLocalDate()) + ", " + clock
                : written(moment.toLocalDate(), "EEE") + " " + clock;
    }

    private String written(LocalDate day, String skeleton) {
        GregorianCalendar at = new GregorianCalendar(TimeZone.GMT_ZONE, ULocale.forLocale(locale));
        at.clear();
        at.set(day.getYear(), day.getMonthValue() - 1, day.getDayOfMonth());
        return DateFormat.getInstanceForSkeleton(at, skeleton, locale).format(at);
    }
}
