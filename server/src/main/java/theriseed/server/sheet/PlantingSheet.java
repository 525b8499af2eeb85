package theriseed.server.sheet;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.core.crop.Grade;
import theriseed.core.isolation.PollenControl;
import theriseed.server.base.FarmTime;
import theriseed.server.ground.BedView;
import theriseed.server.ground.Ground;
import theriseed.server.ground.PlotView;
import theriseed.server.season.Aim;
import theriseed.server.season.Keeping;
import theriseed.server.season.PlantingDays;
import theriseed.server.season.PlantingFacts;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.season.Purpose;
import theriseed.server.season.Sowing;
import theriseed.server.season.Stretch;
import theriseed.server.season.Where;

/** The plan of all seasons, those that are over too: a line for each planting. */
@Component
class PlantingSheet implements Sheet {
    private static final String WHY = "read from a file";
    private static final Pattern STRETCH = Pattern.compile("(.+?)(?:\\s+([\\d.]+)\\s*-\\s*([\\d.]+))?");

    /** What is assumed of the seed where no book tells, percent. */
    private static final BigDecimal USUAL_GERMINATION = BigDecimal.valueOf(85);

    private final Plantings plantings;
    private final VarietyWords varieties;
    private final Ground ground;
    private final FarmTime time;

    PlantingSheet(Plantings plantings, VarietyWords varieties, Ground ground, FarmTime time) {
        this.plantings = plantings;
        this.varieties = varieties;
        this.ground = ground;
        this.time = time;
    }

    @Override
    public String name() {
        return "plantings";
    }

    /** Each is held against its season. */
    @Override
    public int most() {
        return 2000;
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.of("planting", "its key; nothing for a new one"),
                Column.numbers("season", "year of its seed").needed().alike("year", "harvest_year"),
                Column.needed("crop", "crop in the Handbook, by its key, name or species")
                        .alike("species"),
                Column.needed("variety", "name").alike("name", "cultivar"),
                Column.needed("plot", "name").alike("field", "where", "place"),
                Column.of(
                        "beds",
                        "on that plot, separated by semicolons, with metres where it is a part: Bed 1; Bed 2 0-12;"
                                + " nothing for the whole plot"),
                Column.of("purpose", "seed, planting_stock or eating; seed where nothing stands"),
                Column.of("grade", "own_use, market or stock; market where nothing stands"),
                Column.day("sown_on", "day it was sown or planted").needed().alike("sown", "sowing", "date_sown"),
                Column.day("set_out_on", "day it went out from under glass").alike("set_out", "transplanted"),
                Column.numbers("plants", "that should give seed").needed().alike("number_of_plants", "plant_count"),
                Column.numbers("in_row_m", "between plants; nothing for what is usual")
                        .alike("plant_spacing"),
                Column.numbers("between_rows_m", "between rows; nothing for what is usual")
                        .alike("row_spacing"),
                Column.numbers("germination_pct", "of the seed sown; 85 where nothing stands"),
                Column.numbers("selected_pct", "of the plants that are kept; 100 where nothing stands"),
                Column.day("lifted_on", "day roots were lifted"),
                Column.day("replanted_on", "day they were planted again"),
                Column.of("roots_plot", "where they grew"),
                Column.of("roots_beds", "on that plot"),
                Column.day("cleared_on", "last day on the ground, of what is eaten or stock"),
                Column.of("flowers", "yes or no: whether what is eaten flowers before"),
                Column.of("control", "open, caged, by_turns, bagged or hand_pollinated; open where nothing stands"),
                Column.of("every_flower", "yes or no: whether no flower is left uncovered"),
                Column.numbers("dropped_m", "outer rows on each side whose seed is not kept"),
                Column.of("volunteers_pulled", "yes or no"),
                Column.of("turns", "name of those whose cages are opened by turns with its own"),
                Column.day("flowers_from", "day before which flowers were picked off"),
                Column.day("flowers_until", "day after which they were"),
                Column.of("rest_because", "why it stood where its family had stood too lately"),
                Column.day("first_flower_on", "day its first flower was seen").alike("first_flower", "flowering"));
    }

    @Override
    public Map<String, String> called() {
        return Map.ofEntries(
                Map.entry("stretches", "beds"),
                Map.entry("rootStretches", "roots_beds"),
                Map.entry("rootPlotId", "roots_plot"),
                Map.entry("plotId", "plot"),
                Map.entry("inRow", "in_row_m"),
                Map.entry("betweenRows", "between_rows_m"),
                Map.entry("germination", "germination_pct"),
                Map.entry("selected", "selected_pct"),
                Map.entry("dropped", "dropped_m"),
                Map.entry("restOverruled", "rest_because"),
                Map.entry("seenOn", "first_flower_on"));
    }

    @Override
    public Stream<List<Object>> lines() {
        OnGround on = new OnGround();
        List<Integer> seasons = plantings.planned();
        return seasons.stream()
                .flatMap(season -> plantings.inPlan(season, season).stream())
                .map(planted -> cells(planted, on));
    }

    private static List<Object> cells(Plantings.PlannedAs planted, OnGround on) {
        PlantingFacts facts = planted.facts();
        Keeping keeping = facts.keeping();
        return Arrays.asList(
                planted.id(),
                facts.season(),
                planted.cropKey(),
                planted.variety(),
                on.plotName(facts.where().plotId()),
                on.words(facts.where().stretches()),
                Line.word(facts.aim().purpose()),
                Line.word(facts.aim().grade()),
                facts.days().sownOn(),
                facts.days().setOutOn(),
                facts.sowing().plants(),
                facts.sowing().inRow(),
                facts.sowing().betweenRows(),
                Line.plain(BigDecimal.valueOf(facts.sowing().germination())),
                Line.plain(BigDecimal.valueOf(facts.sowing().selected()).movePointRight(2)),
                facts.days().liftedOn(),
                facts.days().replantedOn(),
                facts.where().rootPlotId() == null
                        ? null
                        : on.plotName(facts.where().rootPlotId()),
                on.words(facts.where().rootStretches()),
                facts.days().clearedOn(),
                facts.aim().flowers() ? "yes" : "no",
                Line.word(keeping.control()),
                keeping.everyFlower() ? "yes" : "no",
                keeping.dropped(),
                keeping.volunteersPulled() ? "yes" : "no",
                keeping.turns(),
                keeping.flowersFrom(),
                keeping.flowersUntil(),
                facts.restOverruled(),
                planted.firstFlowerOn());
    }

    /** The ground by its names. */
    private final class OnGround {
        private final Map<UUID, PlotView> plots = ground.plotsById();
        private final Map<UUID, BedView> beds = ground.bedsById();

        String plotName(UUID id) {
            return plots.get(id).name();
        }

        UUID plot(String column, Line line) {
            String name = line.needed(column, 60);
            return plots.values().stream()
                    .filter(plot -> !plot.removed() && plot.name().equalsIgnoreCase(name))
                    .findFirst()
                    .map(PlotView::id)
                    .orElseThrow(() -> Line.wrong(column, name, "plot"));
        }

        String words(List<Stretch> stretches) {
            return stretches.stream()
                    .map(one -> beds.get(one.bedId()).name() + " " + number(one.from()) + "-" + number(one.to()))
                    .collect(Collectors.joining("; "));
        }

        private static String number(double metres) {
            return Line.plain(BigDecimal.valueOf(metres));
        }

        List<Stretch> stretches(String column, Line line, UUID plot) {
            List<Stretch> found = new ArrayList<>();
            for (String part : line.text(column, 300).split("\\s*;\\s*")) {
                Matcher told = STRETCH.matcher(part);
                if (told.matches()) {
                    BedView bed = beds.values().stream()
                            .filter(one -> !one.removed()
                                    && one.plotId().equals(plot)
                                    && one.name().equalsIgnoreCase(told.group(1).strip()))
                            .findFirst()
                            .orElseThrow(() -> Line.wrong(column, part, "bedOfPlot"));
                    found.add(
                            told.group(2) == null
                                    ? new Stretch(bed.id(), 0.0, Math.floor(bed.length() * 10) / 10)
                                    : new Stretch(
                                            bed.id(), metres(column, told.group(2)), metres(column, told.group(3))));
                }
            }
            return found;
        }

        private static double metres(String column, String typed) {
            try {
                return Double.parseDouble(typed);
            } catch (NumberFormatException none) {
                throw Line.wrong(column, typed, "number");
            }
        }
    }

    @Override
    public Taker taker(List<Line> lines, boolean keep) {
        return new Planning();
    }

    /** Plans a line after the other. */
    private final class Planning implements Taker {
        private final OnGround on = new OnGround();
        private final VarietyWords.Reading named = varieties.reading();
        private final Map<Integer, List<Plantings.PlannedAs>> seasons = new HashMap<>();

        @Override
        public Effect take(Line line) {
            UUID variety = named.id(line);
            Optional<Plantings.PlannedAs> there = there(line, variety);
            PlantingFacts facts =
                    facts(line, variety, there.map(Plantings.PlannedAs::facts).orElse(null));
            Effect effect = Effect.NEW;
            PlantingView planted = null;
            if (there.isEmpty()) {
                planted = plantings.make(facts, null);
            } else if (there.get().facts().equals(facts)) {
                effect = Effect.SAME;
            } else {
                planted = plantings.correct(there.get().id(), there.get().version(), WHY, facts);
                effect = Effect.CHANGED;
            }
            return flowered(line, there, planted, effect);
        }

        /** The first flower that was seen, where that is new. */
        private Effect flowered(Line line, Optional<Plantings.PlannedAs> there, PlantingView planted, Effect effect) {
            LocalDate seen = line.has("first_flower_on") ? line.day("first_flower_on") : null;
            LocalDate before = there.map(Plantings.PlannedAs::firstFlowerOn).orElse(null);
            if (seen == null || seen.equals(before)) {
                return effect;
            }
            UUID id = planted == null ? there.orElseThrow().id() : planted.id();
            int version = planted == null ? there.orElseThrow().version() : planted.version();
            plantings.flowered(id, version, seen, WHY);
            return effect == Effect.SAME ? Effect.CHANGED : effect;
        }

        /** The planting of the plan that a line is about. */
        private Optional<Plantings.PlannedAs> there(Line line, UUID variety) {
            int season = line.whole("season");
            String key = line.text("planting", 40);
            List<Plantings.PlannedAs> planned = seasons.computeIfAbsent(season, year -> plantings.inPlan(year, year));
            if (!key.isEmpty()) {
                return Optional.of(planned.stream()
                        .filter(one -> one.id().toString().equals(key))
                        .findFirst()
                        .orElseThrow(() -> Line.wrong("planting", key, "plantingOrNew")));
            }
            UUID plot = on.plot("plot", line);
            LocalDate sown = line.day("sown_on");
            return planned.stream()
                    .filter(one -> one.facts().varietyId().equals(variety)
                            && one.facts().where().plotId().equals(plot)
                            && one.facts().days().sownOn().equals(sown))
                    .findFirst();
        }

        /** @param was the planting as it stands; null for a new one */
        private PlantingFacts facts(Line line, UUID variety, PlantingFacts was) {
            return new PlantingFacts(
                    line.whole("season"),
                    variety,
                    where(line, was),
                    aim(line, was),
                    days(line, was),
                    sowing(line, was),
                    keeping(line, was),
                    line.text("rest_because", 300, was == null ? restedBefore(line) : was.restOverruled()));
        }

        /** What stood there in a season that is over stood there, rested or not. */
        private String restedBefore(Line line) {
            return line.whole("season") < time.today().getYear() ? "as it was, from an older book" : "";
        }

        private Where where(Line line, PlantingFacts was) {
            UUID plot = on.plot("plot", line);
            Where before = was == null ? Where.plot(plot) : was.where();
            UUID roots = !line.told("roots_plot")
                    ? before.rootPlotId()
                    : line.has("roots_plot") ? on.plot("roots_plot", line) : null;
            return new Where(
                    plot,
                    line.told("beds") ? on.stretches("beds", line, plot) : before.stretches(),
                    roots,
                    roots == null
                            ? List.of()
                            : line.told("roots_beds")
                                    ? on.stretches("roots_beds", line, roots)
                                    : before.rootStretches());
        }

        private static Aim aim(Line line, PlantingFacts was) {
            Purpose purpose = line.has("purpose")
                    ? line.oneOf("purpose", Purpose.class)
                    : was == null ? Purpose.SEED : was.aim().purpose();
            Grade grade = line.has("grade")
                    ? line.oneOf("grade", Grade.class)
                    : was == null ? Grade.MARKET : was.aim().grade();
            boolean usually =
                    was == null ? purpose != Purpose.EATING : was.aim().flowers();
            return new Aim(purpose, grade, line.yes("flowers", usually));
        }

        private static PlantingDays days(Line line, PlantingFacts was) {
            PlantingDays before = was == null ? new PlantingDays(null, null, null, null, null) : was.days();
            return new PlantingDays(
                    line.day("sown_on"),
                    line.maybeDay("set_out_on", before.setOutOn()),
                    line.maybeDay("lifted_on", before.liftedOn()),
                    line.maybeDay("replanted_on", before.replantedOn()),
                    line.maybeDay("cleared_on", before.clearedOn()));
        }

        private static Sowing sowing(Line line, PlantingFacts was) {
            Sowing before =
                    was == null ? Sowing.usual(line.whole("plants"), USUAL_GERMINATION.doubleValue()) : was.sowing();
            return new Sowing(
                    line.whole("plants"),
                    line.told("in_row_m") ? number(line, "in_row_m") : before.inRow(),
                    line.told("between_rows_m") ? number(line, "between_rows_m") : before.betweenRows(),
                    line.has("germination_pct")
                            ? line.decimal("germination_pct").doubleValue()
                            : before.germination(),
                    line.has("selected_pct")
                            ? line.decimal("selected_pct").movePointLeft(2).doubleValue()
                            : before.selected());
        }

        private static Double number(Line line, String column) {
            BigDecimal number = line.maybeDecimal(column);
            return number == null ? null : number.doubleValue();
        }

        private static Keeping keeping(Line line, PlantingFacts was) {
            Keeping before = was == null ? Keeping.NOTHING : was.keeping();
            PollenControl.Kind control =
                    line.has("control") ? line.oneOf("control", PollenControl.Kind.class) : before.control();
            Double dropped = line.told("dropped_m") ? number(line, "dropped_m") : Double.valueOf(before.dropped());
            return new Keeping(
                    control,
                    line.yes("every_flower", before.everyFlower()),
                    Objects.requireNonNullElse(dropped, 0.0),
                    line.yes("volunteers_pulled", before.volunteersPulled()),
                    line.text("turns", 40, before.turns()),
                    line.maybeDay("flowers_from", before.flowersFrom()),
                    line.maybeDay("flowers_until", before.flowersUntil()));
        }
    }
}
