package theriseed.core.crop;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;
import theriseed.core.measure.Refusal;

/** Reads one row of the crop table, refusing what cannot be right under the name of its column. */
final class CropRow {
    private static final Range FOREIGN = Range.of(0, 10, "%");
    private static final Range SHARE_PERCENT = Range.of(0, 100, "%");

    private static final Range DAYS_FROM_ANCHOR = Range.of(-120, 200, "days");

    private final Map<String, String> cells;
    private final List<Stage> stages;
    private final long number;

    /**
     * @param cells by column, those of the tables of crops and of handling together
     * @param number of the row in its file
     */
    CropRow(Map<String, String> cells, List<Stage> stages, long number) {
        this.cells = cells;
        this.stages = stages;
        this.number = number;
    }

    Crop crop() {
        boolean fromSeed = word("propagation", "seed", "clonal").equals("seed");
        return new Crop(
                text("key"),
                text("name"),
                text("species"),
                text("family"),
                text("crossing_group"),
                partialGroups(),
                anEnum(LifeCycle.class, "life_cycle"),
                fromSeed ? Optional.of(anEnum(BreedingSystem.class, "breeding_system")) : Optional.empty(),
                fromSeed ? number("natural_outcross_pct", SHARE_PERCENT) / 100 : 0,
                raw("vector"),
                raw("self_incompatible"),
                word("dioecious_or_monoecious", "dioecious", "monoecious", "perfect"),
                word("crosses_show_in_same_year", "yes", "no").equals("yes"),
                fromSeed ? Optional.of(byGrade("isolation_%s_m", Range.above(0, 20_000, "m"))) : Optional.empty(),
                text("isolation_note"),
                byGrade("min_plants_%s", Range.of(1, 2000, "plants")),
                number("base_temp_c", Range.of(-5, 20, "C")),
                fromSeed
                        ? OptionalDouble.of(number("gdd_to_first_flower", Range.above(0, 6000, "C d")))
                        : OptionalDouble.empty(),
                fromSeed ? (int) number("flowering_days", Range.of(1, 365, "days")) : 0,
                fromSeed ? (int) number("days_flower_to_ripe_seed", Range.of(1, 365, "days")) : 0,
                fromSeed ? (int) number("ripening_spread_days", Range.of(1, 365, "days")) : 0,
                raw("vernalisation_weeks").isEmpty()
                        ? 0
                        : (int) number("vernalisation_weeks", Range.of(0, 30, "weeks")),
                word("overwinter", "none", "in-ground", "lift-and-store", "either"),
                number("in_row_cm", Range.above(0, 1000, "cm")) / 100,
                number("between_row_cm", Range.above(0, 1000, "cm")) / 100,
                fromSeed ? Optional.of(anEnum(SeedProcess.class, "seed_process")) : Optional.empty(),
                raw("shatter_risk"),
                raw("ferment"),
                usual("ferment_hours_%s_22c", Range.of(0, 240, "h"), 1),
                usual("seed_pct_of_harvested_mass_%s", Range.above(0, 100, "%"), 100),
                fromSeed ? number("thousand_seed_weight_g", Range.above(0, 5000, "g")) : 0,
                usual("seed_yield_g_per_plant_%s", Range.above(0, 5000, "g"), 1).orElseThrow(),
                optional("max_drying_temp_c", Range.of(20, 60, "C")),
                optional("storage_moisture_pct", Range.of(3, 15, "%")),
                fromSeed ? number("germination_standard_pct", Range.above(0, 100, "%")) : 0,
                raw("test_temp_c"),
                fromSeed ? (int) number("first_count_day", Range.of(1, 60, "day")) : 0,
                fromSeed ? (int) number("final_count_day", Range.of(1, 60, "day")) : 0,
                raw("dormancy_treatment"),
                number("storage_years_cool_dry", Range.above(0, 50, "years")),
                text("pre_sowing_note"),
                text("ripeness_cues"),
                stages,
                handling(),
                list(text("common_off_types")),
                text("hazards"),
                list(raw("aliases")),
                word("eaten_before_flowering", "yes", "no").equals("yes"));
    }

    private String raw(String column) {
        return cells.get(column).strip();
    }

    private String text(String column) {
        String value = raw(column);
        if (value.isEmpty()) {
            throw bad(column, new Refusal.Missing());
        }
        return value;
    }

    private String word(String column, String... words) {
        String value = raw(column);
        if (!List.of(words).contains(value)) {
            throw bad(column, oneOf(String.join(", ", words)));
        }
        return value;
    }

    private <E extends Enum<E>> E anEnum(Class<E> type, String column) {
        return anEnum(type, column, raw(column));
    }

    /** Those joined by semicolons; none where the cell is empty. */
    private <E extends Enum<E>> List<E> enums(Class<E> type, String column) {
        return Arrays.stream(raw(column).split(";"))
                .filter(one -> !one.isBlank())
                .map(one -> anEnum(type, column, one.strip()))
                .toList();
    }

    private <E extends Enum<E>> E anEnum(Class<E> type, String column, String cell) {
        String value = cell.replace('-', '_').toUpperCase(Locale.ROOT);
        return Arrays.stream(type.getEnumConstants())
                .filter(constant -> constant.name().equals(value))
                .findFirst()
                .orElseThrow(() -> bad(
                        column, oneOf(Arrays.toString(type.getEnumConstants()).toLowerCase(Locale.ROOT))));
    }

    private double number(String column, Range range) {
        try {
            return range.check(column, Double.parseDouble(raw(column)));
        } catch (NumberFormatException noNumber) {
            throw bad(column, Refusal.AgainstRule.of("notA.number"));
        } catch (OutOfRange refused) {
            throw bad(column, refused.refusal());
        }
    }

    private OptionalDouble optional(String column, Range range) {
        return raw(column).isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(number(column, range));
    }

    private Optional<Usual> usual(String pattern, Range range, double divisor) {
        String low = pattern.formatted("min");
        String high = pattern.formatted("max");
        if (raw(low).isEmpty() && raw(high).isEmpty()) {
            return Optional.empty();
        }
        double least = number(low, range) / divisor;
        double most = number(high, range) / divisor;
        if (most < least) {
            throw bad(high, Refusal.AgainstRule.of("figure.belowLow"));
        }
        return Optional.of(new Usual(least, most));
    }

    private ByGrade byGrade(String pattern, Range range) {
        ByGrade figures = new ByGrade(
                number(pattern.formatted("home"), range),
                number(pattern.formatted("market"), range),
                number(pattern.formatted("stock"), range));
        if (figures.market() < figures.ownUse() || figures.stock() < figures.market()) {
            throw bad(pattern.formatted("market"), Refusal.AgainstRule.of("figure.grades"));
        }
        return figures;
    }

    private static List<String> list(String cell) {
        return Arrays.stream(cell.split(";"))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .toList();
    }

    /** A stage of a crop, from a row of the table of stages. */
    Stage stage() {
        return new Stage(
                text("stage"),
                text("look_for"),
                new Stage.When(
                        anEnum(Stage.Anchor.class, "anchor"), (int) number("days_after_anchor", DAYS_FROM_ANCHOR)),
                anEnum(Stage.Grown.class, "grown"),
                word("before_pollen", "yes", "no").equals("yes"));
    }

    private Handling handling() {
        String frost = raw("frost_kills");
        return new Handling(
                anEnum(Handling.Staking.class, "staking"),
                when("staking"),
                when("stop_watering"),
                frost.equals("yes")
                        ? OptionalDouble.of(0)
                        : frost.equals("no") ? OptionalDouble.empty() : optional("frost_kills", Range.of(-40, 0, "C")),
                purity(),
                optional("threshing_moisture_pct", Range.of(3, 30, "%")),
                enums(Handling.Extraction.class, "extract_how"),
                usual("pieces_%s", Range.of(1, 100, ""), 1));
    }

    private Optional<PurityStandard> purity() {
        OptionalDouble pure = optional("purity_standard_pct", Range.of(50, 100, "%"));
        return pure.isEmpty()
                ? Optional.empty()
                : Optional.of(new PurityStandard(
                        pure.getAsDouble(), number("other_crop_max_pct", FOREIGN), number("weed_max_pct", FOREIGN)));
    }

    private Optional<Stage.When> when(String what) {
        return raw(what + "_anchor").isEmpty()
                ? Optional.empty()
                : Optional.of(new Stage.When(anEnum(Stage.Anchor.class, what + "_anchor"), (int)
                        number(what + "_days_after", DAYS_FROM_ANCHOR)));
    }

    private Map<String, Double> partialGroups() {
        Map<String, Double> groups = new LinkedHashMap<>();
        if (raw("partial_crossing_groups").isEmpty()) {
            return groups;
        }
        for (String entry : raw("partial_crossing_groups").split(";")) {
            String[] parts = entry.split(":");
            try {
                groups.put(parts[0].strip(), Range.above(0, 1, "").check("share", Double.parseDouble(parts[1])));
            } catch (RuntimeException refused) {
                throw bad("partial_crossing_groups", Refusal.AgainstRule.of("figure.partialGroups"));
            }
        }
        return groups;
    }

    private static Refusal oneOf(String words) {
        return Refusal.AgainstRule.of("notA.oneOf", "words", words);
    }

    private BadCropTable bad(String column, Refusal refusal) {
        return new BadCropTable(number, column, cells.get(column), refusal);
    }
}
