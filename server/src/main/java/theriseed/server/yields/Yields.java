package theriseed.server.yields;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.core.bench.Chain;
import theriseed.core.bench.LotYield;
import theriseed.core.bench.MissingReason;
import theriseed.core.bench.OwnRange;
import theriseed.core.bench.StepKind;
import theriseed.core.bench.StepShare;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Usual;
import theriseed.core.measure.Range;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Maybe;
import theriseed.server.base.ReadsOnly;
import theriseed.server.bench.Bench;
import theriseed.server.bench.BenchView;
import theriseed.server.bench.CleanLots;
import theriseed.server.bench.LotsAtBench;
import theriseed.server.bench.PickingView;
import theriseed.server.bench.Pickings;
import theriseed.server.bench.StepView;
import theriseed.server.handbook.Crops;
import theriseed.server.harvest.HarvestView;
import theriseed.server.lot.FilledLot;
import theriseed.server.lot.FilledLots;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Origin;
import theriseed.server.season.Grown;
import theriseed.server.season.Plantings;
import theriseed.server.season.Varieties;
import theriseed.server.season.VarietyView;

/** Compares lots, their steps, years and schools. */
@Service
class Yields {
    private static final int MOST_SEASONS = 50;

    private final FilledLots filled;
    private final CleanLots cleaned;
    private final Lots lots;
    private final Bench bench;
    private final Plantings plantings;
    private final Varieties varieties;
    private final Crops crops;
    private final FarmTime time;

    Yields(
            FilledLots filled,
            CleanLots cleaned,
            Lots lots,
            Bench bench,
            Plantings plantings,
            Varieties varieties,
            Crops crops,
            FarmTime time) {
        this.filled = filled;
        this.cleaned = cleaned;
        this.lots = lots;
        this.bench = bench;
        this.plantings = plantings;
        this.varieties = varieties;
        this.crops = crops;
        this.time = time;
    }

    /** A crop of which lots were cleaned. */
    public record YieldCrop(String key, String name, int lots) {}

    /**
     * What one picking gave, through all lots its seed went into. Masses in grams.
     *
     * @param school it went through, told by what was done to it or to the largest part of it; absent for a way of its own
     * @param share of what was picked, 0 to 1
     * @param perMetre of row and {@code perSquareMetre} of ground, as its plants were spaced
     * @param perHour of one person's work; absent where no minutes were told
     * @param mark against what is usual for the crop
     * @param place among the farm's own lots of the crop; absent while there are too few
     * @param missing percent of dry matter that went unseen in its worst step; absent where none is worth asking about
     * @param missingIn that step
     */
    public record LotYieldRow(
            String number,
            String variety,
            int season,
            @Maybe Chain.School school,
            double picked,
            double clean,
            double share,
            double perPlant,
            double perMetre,
            double perSquareMetre,
            @Maybe Double perHour,
            int minutes,
            LotYield.Mark mark,
            @Maybe OwnRange.Place place,
            @Maybe Double missing,
            @Maybe StepKind missingIn,
            String missingBecause) {}

    /** How often mass went missing for a reason, in alarming steps; no reason where nobody said why. */
    public record ReasonCount(@Maybe MissingReason reason, int times) {}

    /**
     * Lots of a crop side by side, newest season first.
     *
     * @param usualShare of what is picked, by the crop table
     * @param ownShare of the farm's lots; absent while there are too few
     */
    public record YieldPage(
            List<YieldCrop> crops,
            @Maybe String crop,
            @Maybe Usual usualShare,
            @Maybe Usual usualPerPlant,
            @Maybe OwnRange ownShare,
            List<LotYieldRow> lots,
            List<StepShare> steps,
            List<ReasonCount> reasons) {}

    /** @param crop key; null for the one with most lots */
    @ReadsOnly
    public YieldPage of(String crop, int seasons) {
        int back = Range.of(1, MOST_SEASONS, "seasons").check("seasons", seasons);
        List<FilledLot> all = filled.since(time.today().getYear() - back + 1);
        Map<UUID, String> cropKeys =
                varieties.byIds(all.stream().map(FilledLot::varietyId).collect(Collectors.toSet())).values().stream()
                        .collect(Collectors.toMap(VarietyView::id, VarietyView::cropKey));
        List<YieldCrop> known = known(cleaned.among(all), cropKeys);
        String key = crop != null ? crop : known.isEmpty() ? null : known.get(0).key();
        if (key == null) {
            return new YieldPage(known, null, null, null, null, List.of(), List.of(), List.of());
        }
        List<LotView> ofCrop = lots.byIds(all.stream()
                .filter(lot -> key.equals(cropKeys.get(lot.varietyId())))
                .map(FilledLot::id)
                .toList());
        Map<UUID, Grown> grown = plantings.grown(ofCrop.stream()
                .map(LotView::plantingId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet()));
        LotsAtBench at = bench.of(ofCrop);
        Map<UUID, HarvestView> picked = at.picked();
        Map<UUID, BenchView> worked = at.worked();
        Crop of = crops.get(key);
        Pickings.All pickings = new Pickings.All(at);
        Map<LotView, PickingView> gave = new LinkedHashMap<>();
        for (LotView lot : ofCrop) {
            if (lot.origin() == Origin.PICKED && worked.containsKey(lot.id())) {
                PickingView picking = pickings.of(lot, of);
                if (picking.yield() != null) {
                    gave.put(lot, picking);
                }
            }
        }
        OwnRange own = OwnRange.of(gave.values().stream()
                        .mapToDouble(picking -> picking.yield().share())
                        .toArray())
                .orElse(null);
        Map<StepKind, List<Double>> shares = new TreeMap<>();
        for (LotView lot : ofCrop) {
            List<StepView> steps =
                    worked.containsKey(lot.id()) ? worked.get(lot.id()).steps() : List.of();
            steps.stream()
                    .filter(step -> step.share() != null)
                    .forEach(step -> shares.computeIfAbsent(step.kind(), kind -> new ArrayList<>())
                            .add(step.share()));
        }
        return new YieldPage(
                known,
                key,
                of.seedShare().orElse(null),
                of.seedPerPlant(),
                own,
                gave.entrySet().stream()
                        .map(lot -> row(
                                of,
                                lot.getKey(),
                                grown.get(lot.getKey().plantingId()),
                                picked.get(lot.getKey().id()),
                                lot.getValue(),
                                pickings.deeds(lot.getKey().id()),
                                own))
                        .sorted(Comparator.comparing(LotYieldRow::season)
                                .reversed()
                                .thenComparing(LotYieldRow::number))
                        .toList(),
                shares.entrySet().stream()
                        .map(kind -> StepShare.of(
                                kind.getKey(),
                                kind.getValue().stream()
                                        .mapToDouble(Double::doubleValue)
                                        .toArray()))
                        .toList(),
                reasons(ofCrop, worked));
    }

    /** Most frequent first. */
    private static List<ReasonCount> reasons(List<LotView> lots, Map<UUID, BenchView> worked) {
        Map<Optional<MissingReason>, Long> counted = lots.stream()
                .filter(lot -> worked.containsKey(lot.id()))
                .flatMap(lot -> worked.get(lot.id()).steps().stream())
                .filter(StepView::alarm)
                .collect(Collectors.groupingBy(
                        step -> Optional.ofNullable(step.missingReason()), Collectors.counting()));
        return counted.entrySet().stream()
                .map(one -> new ReasonCount(
                        one.getKey().orElse(null), one.getValue().intValue()))
                .sorted(Comparator.comparing(ReasonCount::times).reversed())
                .toList();
    }

    /** Those with most lots first. */
    private List<YieldCrop> known(List<FilledLot> clean, Map<UUID, String> cropKeys) {
        return clean.stream()
                .filter(FilledLot::picked)
                .collect(Collectors.groupingBy(lot -> cropKeys.get(lot.varietyId()), Collectors.summingInt(lot -> 1)))
                .entrySet()
                .stream()
                .map(one -> new YieldCrop(one.getKey(), crops.get(one.getKey()).name(), one.getValue()))
                .sorted(Comparator.comparing(YieldCrop::lots).reversed().thenComparing(YieldCrop::name))
                .toList();
    }

    private static LotYieldRow row(
            Crop crop,
            LotView lot,
            Grown planting,
            HarvestView harvest,
            PickingView picking,
            List<StepView> deeds,
            OwnRange own) {
        LotYield yield = picking.yield();
        double inRow = planting.inRow() != null ? planting.inRow() : crop.inRow();
        double betweenRows = planting.betweenRows() != null ? planting.betweenRows() : crop.betweenRows();
        StepView worst = deeds.stream()
                .filter(step -> step.alarm() && step.unaccounted() != null)
                .max(Comparator.comparing(step -> Math.abs(step.unaccounted())))
                .orElse(null);
        return new LotYieldRow(
                lot.number(),
                planting.varietyName(),
                lot.season(),
                Chain.school(crop, deeds.stream().map(StepView::kind).toList()).orElse(null),
                harvest.mass().doubleValue(),
                yield.clean(),
                yield.share(),
                yield.perPlant(),
                yield.clean() / (harvest.plants() * inRow),
                yield.clean() / (harvest.plants() * inRow * betweenRows),
                picking.minutes() == 0 ? null : yield.clean() * 60 / picking.minutes(),
                (int) Math.round(picking.minutes()),
                yield.mark(),
                own == null ? null : own.place(yield.share()),
                worst == null ? null : worst.unaccounted(),
                worst == null ? null : worst.kind(),
                worst == null ? "" : worst.missingBecause());
    }
}
