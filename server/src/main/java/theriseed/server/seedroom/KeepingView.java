package theriseed.server.seedroom;

import java.time.LocalDate;
import java.util.List;
import theriseed.core.seedroom.Keeping;
import theriseed.core.seedroom.LotKeeping;
import theriseed.server.base.Maybe;

/**
 * How a lot keeps where it stands, as {@link LotKeeping} tells it.
 *
 * @param from what it is calculated from: the day of the last germination test
 * @param below when it should fall below the standard; each day absent beyond ten years
 * @param sigma days in which the probit of germination falls by one
 * @param taken whether the place is colder or drier than the rule reaches
 * @param place where it stands; absent where nobody said, and cool and dry is taken
 * @param celsius of the place as it is taken to stay, and percent {@code humidity}
 * @param moisture of the seed there, percent
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
        LotKeeping.MoistureBy moistureBy,
        List<LotKeeping.Gain> gains,
        List<LotKeeping.Point> curve) {

    /** Days on which it should fall below the standard. */
    public record Below(
            @Maybe LocalDate earliest,
            @Maybe LocalDate middle,
            @Maybe LocalDate latest) {}

    static KeepingView of(LocalDate tested, LotKeeping lot) {
        Keeping keeping = lot.keeping();
        return new KeepingView(
                tested,
                keeping.basis(),
                keeping.now(),
                new Below(
                        keeping.below().earliest().orElse(null),
                        keeping.below().middle().orElse(null),
                        keeping.below().latest().orElse(null)),
                keeping.retestOn(),
                keeping.sigma(),
                keeping.taken(),
                lot.standard(),
                lot.place().orElse(null),
                lot.ahead().celsius(),
                lot.ahead().humidity(),
                lot.moisture(),
                lot.moistureBy(),
                lot.gains(),
                lot.curve());
    }
}
