package theriseed.server.seedroom;

import java.time.LocalDate;
import java.util.List;
import theriseed.core.seedroom.Keeping;
import theriseed.server.base.Maybe;

/**
 * How a lot keeps where it stands.
 *
 * @param from what it is calculated from: the day of the last germination test
 * @param below when it should fall below the standard; each day absent beyond ten years
 * @param sigma days in which the probit of germination falls by one
 * @param taken whether the place is colder or drier than the rule reaches
 * @param place where it stands; absent where nobody said, and cool and dry is taken
 * @param celsius of the place as it is taken to stay, and percent {@code humidity}
 * @param moisture of the seed there, percent
 * @param gains what would make it keep longer
 * @param curve percent by the middle of the forecast, from the test on
 */
public record KeepingView(
        LocalDate from,
        Keeping.Basis basis,
        Keeping.Percent now,
        Below below,
        LocalDate retestOn,
        double sigma,
        boolean taken,
        double standard,
        @Maybe String place,
        double celsius,
        double humidity,
        double moisture,
        Moisture moistureBy,
        List<Gain> gains,
        List<Point> curve) {

    /** Days on which it should fall below the standard. */
    public record Below(
            @Maybe LocalDate earliest,
            @Maybe LocalDate middle,
            @Maybe LocalDate latest) {}

    /** Where the moisture comes from. */
    public enum Moisture {
        /** Measured, and sealed in since. */
        MEASURED,
        /** Open seed settles with the air. */
        SETTLES,
        /** Sealed, but never measured: what the crop table asks of sealed packs. */
        TAKEN
    }

    /** What would make it keep longer, and how many times. */
    public enum Better {
        DRIER,
        FRIDGE,
        FREEZER
    }

    /** @param celsius and {@code moisture} it would have then */
    public record Gain(Better how, double celsius, double moisture, double times) {}

    public record Point(LocalDate on, double percent) {}
}
