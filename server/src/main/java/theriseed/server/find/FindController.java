package theriseed.server.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import theriseed.core.lot.LotNumber;
import theriseed.core.measure.OutOfRange;
import theriseed.server.base.Maybe;
import theriseed.server.base.Roles;
import theriseed.server.ground.Ground;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.mix.Mixes;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;

/** Finds a lot, variety, plot or crop by what is typed or scanned. */
@RestController
class FindController {
    private static final int MOST_OF_A_KIND = 6;
    private static final String LOOKS_LIKE_A_NUMBER =
            "(?i)\\d\\d[\\s./-]?[a-z0-9]{3}[\\s./-]?\\d{2,4}[\\s./-]?[a-z0-9]";

    private final Lots lots;
    private final Mixes mixes;
    private final Varieties varieties;
    private final Ground ground;
    private final Crops crops;

    FindController(Lots lots, Mixes mixes, Varieties varieties, Ground ground, Crops crops) {
        this.lots = lots;
        this.mixes = mixes;
        this.varieties = varieties;
        this.ground = ground;
        this.crops = crops;
    }

    /** What a hit is. */
    enum HitKind {
        LOT,
        VARIETY,
        PLOT,
        CROP
    }

    record Hit(HitKind kind, String key, String title, String detail) {}

    /**
     * @param lot number of the lot, when exactly that was typed; {@code mix} that of the mix
     * @param note what is wrong with a lot number that is mistyped or unknown
     */
    record Found(
            @Maybe String lot, @Maybe String mix, @Maybe String note, List<Hit> hits) {}

    @GetMapping("/api/find")
    Found find(@RequestParam String q) {
        String typed = q.strip();
        List<Hit> hits = new ArrayList<>();
        if (typed.isEmpty()) {
            return new Found(null, null, null, hits);
        }
        if (typed.matches(LOOKS_LIKE_A_NUMBER) && lots.onceCalled(typed).isEmpty()) {
            if (!LotNumber.valid(typed)) {
                return new Found(
                        null,
                        null,
                        typed.toUpperCase(Locale.ROOT)
                                + " is not a lot number: its last character does not fit the rest. One sign is wrong, or"
                                + " two are swapped.",
                        hits);
            }
            String folded = LotNumber.folded(typed);
            return lots.holding(folded).stream()
                    .map(LotView::number)
                    .filter(number -> LotNumber.folded(number).equals(folded))
                    .findFirst()
                    .map(number -> new Found(number, null, null, hits))
                    .or(() -> Roles.onlyLooks()
                            ? Optional.empty()
                            : mixes.numbered(folded).map(number -> new Found(null, number, null, hits)))
                    .orElseGet(() -> new Found(
                            null,
                            null,
                            typed.toUpperCase(Locale.ROOT) + " is rightly typed, but no lot here has it.",
                            hits));
        }
        lotsHolding(typed).stream()
                .limit(MOST_OF_A_KIND)
                .forEach(lot -> hits.add(new Hit(HitKind.LOT, lot.number(), lot.number(), "lot")));
        lots.onceCalled(typed).stream()
                .limit(MOST_OF_A_KIND)
                .forEach(lot ->
                        hits.add(new Hit(HitKind.LOT, lot.number(), lot.number(), "lot, was " + lot.oldNumber())));
        varieties.matching(typed, 0, MOST_OF_A_KIND).items().forEach(variety -> hits.add(hit(variety)));
        ground.plots().stream()
                .filter(plot -> plot.name().toLowerCase(Locale.ROOT).contains(typed.toLowerCase(Locale.ROOT)))
                .limit(MOST_OF_A_KIND)
                .forEach(plot -> hits.add(new Hit(HitKind.PLOT, plot.id().toString(), plot.name(), "plot")));
        crops.matching(typed).stream()
                .limit(MOST_OF_A_KIND)
                .forEach(crop -> hits.add(new Hit(HitKind.CROP, crop.key(), crop.name(), crop.species())));
        return new Found(null, null, null, hits);
    }

    private List<LotView> lotsHolding(String typed) {
        try {
            return lots.holding(LotNumber.folded(typed));
        } catch (OutOfRange noNumber) {
            return List.of();
        }
    }

    private static Hit hit(VarietyView variety) {
        return new Hit(HitKind.VARIETY, variety.id().toString(), variety.name(), variety.cropName());
    }
}
