package theriseed.server.sheet;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import theriseed.server.base.PageOf;
import theriseed.server.season.TrueToType;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyFacts;
import theriseed.server.season.VarietyView;

/** The varieties of the farm; a crop and a name make one. */
@Component
class VarietySheet implements Sheet {
    private final Varieties varieties;
    private final CropWords crops;

    VarietySheet(Varieties varieties, CropWords crops) {
        this.crops = crops;
        this.varieties = varieties;
    }

    @Override
    public String name() {
        return "varieties";
    }

    @Override
    public List<Column> columns() {
        return List.of(
                Column.needed("crop", "crop in the Handbook, by its key, name or species")
                        .alike("kind", "species"),
                Column.needed("name", "of the variety").alike("variety", "cultivar", "variety_name"),
                Column.needed("source", "where its seed came from").alike("supplier", "origin", "from", "seed_source"),
                Column.numbers("year_received", "year the farm got it").needed().alike("year", "received", "since"),
                Column.of("treated", "yes or no: whether that seed was treated"),
                Column.of("hybrid", "yes or no"),
                Column.of("breeding_out", "yes or no: whether a hybrid is bred out"),
                Column.of("bred_from", "name of that hybrid; the line has a name of its own"),
                Column.of("leaf", "a true plant's leaf"),
                Column.of("habit", "its habit"),
                Column.of("colour", "its colour"),
                Column.of("maturity", "when it is ripe"),
                Column.of("root", "its root"),
                Column.of("fruit", "its fruit or head"));
    }

    private List<VarietyView> all() {
        return Pages.all(page -> varieties.matching("", page, PageOf.LARGEST_SIZE));
    }

    @Override
    public Stream<List<Object>> lines() {
        return all().stream()
                .map(variety -> List.of(
                        variety.cropKey(),
                        variety.name(),
                        variety.source(),
                        variety.yearReceived(),
                        word(variety.treated()),
                        word(variety.hybrid()),
                        word(variety.breedingOut()),
                        variety.bredFrom() == null ? "" : variety.bredFrom(),
                        variety.trueToType().leaf(),
                        variety.trueToType().habit(),
                        variety.trueToType().colour(),
                        variety.trueToType().maturity(),
                        variety.trueToType().root(),
                        variety.trueToType().fruit()));
    }

    private static String word(boolean yes) {
        return yes ? "yes" : "no";
    }

    private static String key(String crop, String name) {
        return crop + '\n' + name.toLowerCase(Locale.ROOT);
    }

    @Override
    public Taker taker(List<Line> lines, boolean keep) {
        CropWords.Reading named = crops.reading();
        Map<String, VarietyView> known = new HashMap<>();
        all().forEach(variety -> known.put(key(variety.cropKey(), variety.name()), variety));
        return line -> {
            String crop = named.key(line);
            String key = key(crop, line.needed("name", 80));
            VarietyView there = known.get(key);
            VarietyFacts facts = facts(line, there);
            if (there == null) {
                known.put(key, varieties.make(crop, facts));
                return Effect.NEW;
            }
            if (facts.equals(facts(there))) {
                return Effect.SAME;
            }
            known.put(key, varieties.correct(there.id(), there.version(), "read from a file", facts));
            return Effect.CHANGED;
        };
    }

    /** @param there the variety as it stands; null for a new one */
    private static VarietyFacts facts(Line line, VarietyView there) {
        TrueToType type = there == null ? TrueToType.NOT_WRITTEN : there.trueToType();
        return new VarietyFacts(
                line.needed("name", 80),
                line.needed("source", 120),
                line.whole("year_received"),
                line.yes("treated", there != null && there.treated()),
                line.yes("hybrid", there != null && there.hybrid()),
                line.yes("breeding_out", there != null && there.breedingOut()),
                line.text("bred_from", 80, there == null || there.bredFrom() == null ? "" : there.bredFrom()),
                new TrueToType(
                        line.text("leaf", 200, type.leaf()),
                        line.text("habit", 200, type.habit()),
                        line.text("colour", 200, type.colour()),
                        line.text("maturity", 200, type.maturity()),
                        line.text("root", 200, type.root()),
                        line.text("fruit", 200, type.fruit())));
    }

    private static VarietyFacts facts(VarietyView variety) {
        return new VarietyFacts(
                variety.name(),
                variety.source(),
                variety.yearReceived(),
                variety.treated(),
                variety.hybrid(),
                variety.breedingOut(),
                variety.bredFrom() == null ? "" : variety.bredFrom(),
                variety.trueToType());
    }
}
