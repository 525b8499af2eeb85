package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import theriseed.core.measure.Range;
import theriseed.core.stall.WeighingOut;
import theriseed.server.base.Maybe;
import theriseed.server.base.Refused;

/**
 * A packing run as asked for: by count, by weight, or by the row it sows.
 *
 * @param seeds a packet promises; null when it goes otherwise
 * @param grams a packet promises; null when it goes otherwise
 * @param metres of row a packet sows; null when it goes otherwise
 * @param packets wanted, or null for as many as the bulk fills
 * @param reserve grams kept back
 * @param price a packet
 * @param sowBy year it is packed for
 * @param people who packed, and {@code minutes} it took; null where nobody looked at the clock
 * @param weighing how the packets are filled
 */
public record Packing(
        LocalDate packedOn,
        Integer seeds,
        BigDecimal grams,
        Integer metres,
        Integer packets,
        BigDecimal reserve,
        BigDecimal price,
        int sowBy,
        int people,
        Integer minutes,
        Weighing weighing) {
    /**
     * With what packets are filled.
     *
     * @param scaleStep smallest step the scale shows, g; null for the usual
     * @param tenSpoons grams of ten level spoonfuls, where they are filled with a spoon; null where they are weighed
     */
    public record Weighing(Double scaleStep, Double tenSpoons) {
        public static final Weighing USUAL = new Weighing(null, null);

        double step() {
            return scaleStep == null ? WeighingOut.USUAL_SCALE : scaleStep;
        }
    }

    public Packing {
        if (Stream.of(seeds, grams, metres).filter(Objects::nonNull).count() != 1) {
            throw new Refused("seeds", seeds, "packing.howMuch");
        }
        if (metres != null) {
            Range.of(1, 1000, "m").check("metres", metres);
        }
        check(packedOn, price, sowBy, people, minutes);
    }

    /** What is asked of every packing run, whichever way its packets go. */
    static void check(LocalDate packedOn, BigDecimal price, int sowBy, int people, Integer minutes) {
        Range.of(0, 1e4, "a packet").check("price", price);
        Range.of(packedOn.getYear(), packedOn.getYear() + 3, "").check("sowBy", sowBy);
        Range.of(1, 50, "people").check("people", people);
        if (minutes != null) {
            Range.of(0, 10_000, "minutes").check("minutes", minutes);
        }
    }

    /** What is packed from August on is packed for the next year's sowing. */
    public static int usualSowBy(LocalDate packedOn) {
        return packedOn.getYear() + (packedOn.getMonthValue() >= 8 ? 1 : 0);
    }

    /**
     * What a packing run comes to.
     *
     * @param fill grams to put in each packet
     * @param seeds a packet promises, when it goes by count or by the row
     * @param meanCount seeds in a packet on average, when it goes by count
     * @param overfill percent given on top of the label
     * @param together so many are weighed at once; absent where they are filled with a spoon
     * @param spoons level spoonfuls a packet; absent where they are weighed
     * @param spilt percent of the bulk that is taken to stick or to be spilt
     * @param purity percent; taken until it is tested
     */
    public record Plan(
            UUID lotId,
            BigDecimal bulk,
            double fill,
            @Maybe Integer seeds,
            @Maybe Double meanCount,
            double overfill,
            @Maybe WeighingOut.Together together,
            @Maybe WeighingOut.Spoons spoons,
            double spilt,
            int packets,
            double leftOver,
            double purity,
            boolean purityTested,
            double confidence) {}
}
