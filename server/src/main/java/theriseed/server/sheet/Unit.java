package theriseed.server.sheet;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What numbers of a file may be measured in. Those of a sheet are in the first of their kind. */
public enum Unit {
    G(Kind.MASS, "1", "g", "gram", "grams", "gr"),
    KG(Kind.MASS, "1000", "kg", "kilo", "kilos", "kilogram"),
    OZ(Kind.MASS, "28.349523125", "oz", "ounce", "ounces"),
    LB(Kind.MASS, "453.59237", "lb", "lbs", "pound", "pounds"),
    M(Kind.LENGTH, "1", "m", "metre", "metres", "meter", "meters"),
    CM(Kind.LENGTH, "0.01", "cm"),
    FT(Kind.LENGTH, "0.3048", "ft", "foot", "feet"),
    IN(Kind.LENGTH, "0.0254", "in", "inch", "inches"),
    C(Kind.TEMPERATURE, "1", "c", "celsius"),
    F(Kind.TEMPERATURE, "0.5555555555555556", "f", "fahrenheit");

    private static final BigDecimal FREEZING_F = BigDecimal.valueOf(32);
    /** Decimals of a degree: no thermometer tells more. */
    private static final int HUNDREDTHS = 2;

    private static final MathContext DIGITS = new MathContext(9);

    private final Kind kind;
    private final BigDecimal ofFirst;
    private final List<String> written;

    private enum Kind {
        MASS,
        LENGTH,
        TEMPERATURE
    }

    Unit(Kind kind, String ofFirst, String... written) {
        this.kind = kind;
        this.ofFirst = new BigDecimal(ofFirst);
        this.written = List.of(written);
    }

    /** Those that measure the same. */
    List<Unit> alike() {
        return Arrays.stream(values()).filter(unit -> unit.kind == kind).toList();
    }

    /** The unit of this name among those that measure the same. */
    Optional<Unit> called(String name) {
        String small = name.toLowerCase(Locale.ROOT);
        return alike().stream().filter(unit -> unit.written.contains(small)).findFirst();
    }

    /** The unit at the end of a column's name, as g in {@code clean_g}. */
    static Optional<Unit> endOf(String column) {
        String end = column.substring(column.lastIndexOf('_') + 1);
        return end.equals(column)
                ? Optional.empty()
                : Arrays.stream(values())
                        .filter(unit -> unit.written.get(0).equals(end))
                        .findFirst();
    }

    /** A number of these in another unit that measures the same. */
    BigDecimal in(Unit other, BigDecimal number) {
        if (other == this) {
            return number;
        }
        BigDecimal first = (this == F ? number.subtract(FREEZING_F) : number).multiply(ofFirst);
        BigDecimal there = first.divide(other.ofFirst, DIGITS);
        BigDecimal found = other == F ? there.add(FREEZING_F) : there;
        return kind == Kind.TEMPERATURE ? found.setScale(HUNDREDTHS, RoundingMode.HALF_UP) : found;
    }
}
