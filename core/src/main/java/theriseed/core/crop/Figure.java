package theriseed.core.crop;

/** A figure of a crop that a farm may know better than the table; its own rules then. */
public enum Figure {
    ISOLATION_OWN_USE("isolation_home_m", "m", false),
    ISOLATION_MARKET("isolation_market_m", "m", false),
    ISOLATION_STOCK("isolation_stock_m", "m", false),
    PLANTS_OWN_USE("min_plants_home", "plants", true),
    PLANTS_MARKET("min_plants_market", "plants", true),
    PLANTS_STOCK("min_plants_stock", "plants", true),
    WARMTH_TO_FLOWER("gdd_to_first_flower", "C d", false),
    FLOWERING_DAYS("flowering_days", "days", true),
    RIPE_AFTER_DAYS("days_flower_to_ripe_seed", "days", true),
    COLD_WEEKS("vernalisation_weeks", "weeks", true),
    IN_ROW("in_row_cm", "cm", false),
    BETWEEN_ROWS("between_row_cm", "cm", false),
    STORAGE_YEARS("storage_years_cool_dry", "years", false);

    private final String column;
    private final String unit;
    private final boolean whole;

    Figure(String column, String unit, boolean whole) {
        this.column = column;
        this.unit = unit;
        this.whole = whole;
    }

    /** Its column in the crop table. */
    String column() {
        return column;
    }

    public String unit() {
        return unit;
    }

    /** Whether it is counted in whole ones. */
    boolean whole() {
        return whole;
    }
}
