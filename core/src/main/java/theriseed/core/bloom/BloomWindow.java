package theriseed.core.bloom;

import java.time.LocalDate;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusal;

/** First to last flower of a planting, both days included. A stray early or late plant is outside it. */
public record BloomWindow(LocalDate first, LocalDate last) {
    public BloomWindow {
        if (last.isBefore(first)) {
            throw new OutOfRange("last", last, new Refusal.OutsideDays(first, null));
        }
    }

    public int days() {
        return (int) (last.toEpochDay() - first.toEpochDay()) + 1;
    }

    /**
     * How strongly it blooms on that day, 0 to 1: sin&sup2;(&pi;u), u the share of the window passed at noon; 0
     * outside.
     */
    public double intensity(LocalDate day) {
        return BloomCurve.BELL.at((day.toEpochDay() - first.toEpochDay() + 0.5) / days());
    }

    /** Days without a flower of either between the two; 0 when they meet or overlap. */
    public int daysApart(BloomWindow other) {
        long gap = Math.max(
                first.toEpochDay() - other.last.toEpochDay() - 1, other.first.toEpochDay() - last.toEpochDay() - 1);
        return (int) Math.max(0, gap);
    }
}
