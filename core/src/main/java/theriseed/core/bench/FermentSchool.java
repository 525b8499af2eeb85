package theriseed.core.bench;

/**
 * How long wet seed is left with its gel: growers differ, and each way has its price. Windows are hours at 22 &deg;C, from
 * practice.
 */
public enum FermentSchool {
    NONE(0, 0),
    SHORT_SOAK(12, 24),
    TWO_TO_THREE_DAYS(48, 72),
    FIVE_TO_SEVEN_DAYS(120, 168);

    private final double from;
    private final double to;

    FermentSchool(double from, double to) {
        this.from = from;
        this.to = to;
    }

    /**
     * What a school comes to at a constant temperature.
     *
     * @param readyFrom hours; {@code readyTo} likewise
     */
    public record AtTemperature(FermentSchool school, double readyFrom, double readyTo) {}

    /** @param temperature &deg;C, 5 to 40 */
    public AtTemperature at(double temperature) {
        return new AtTemperature(
                this,
                FermentClock.hoursAt(temperature, FermentClock.USUAL_Q10, from),
                FermentClock.hoursAt(temperature, FermentClock.USUAL_Q10, to));
    }
}
