package theriseed.server.quality;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Pours;

/** Tests of the lots. A test is never replaced by a better one: all stay, the last counts. */
@Service
public class Quality {
    private final GerminationRepository germinations;
    private final SeedWeightRepository weights;
    private final WeevilLookRepository weevils;
    private final Lots lots;
    private final Pours pours;
    private final Harvests harvests;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Quality(
            GerminationRepository germinations,
            SeedWeightRepository weights,
            WeevilLookRepository weevils,
            Lots lots,
            Pours pours,
            Harvests harvests,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.germinations = germinations;
        this.weights = weights;
        this.weevils = weevils;
        this.lots = lots;
        this.pours = pours;
        this.harvests = harvests;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /**
     * The tests of each of these lots. A part of another lot takes over what was known of the whole when it was parted,
     * but for weevils: those are looked for anew.
     */
    @Transactional(readOnly = true)
    public Map<UUID, TestsView> of(Collection<UUID> lotIds) {
        Map<UUID, Map<UUID, LocalDate>> wholes = pours.wholes(lotIds);
        Set<UUID> tested = new HashSet<>(lotIds);
        wholes.values().forEach(whole -> tested.addAll(whole.keySet()));
        Map<UUID, List<GerminationRecord>> germinated =
                germinations.findByLotIdInOrderByCountedOnDescIdDesc(tested).stream()
                        .collect(Collectors.groupingBy(GerminationRecord::lotId));
        Map<UUID, List<SeedWeightRecord>> weighed = weights.findByLotIdInOrderByWeighedOnDescIdDesc(tested).stream()
                .collect(Collectors.groupingBy(SeedWeightRecord::lotId));
        Map<UUID, List<WeevilLook>> looked = weevils.findByLotIdInOrderByLookedOnDescIdDesc(lotIds).stream()
                .collect(Collectors.groupingBy(WeevilLook::lotId));
        Map<UUID, TestsView> tests = new HashMap<>();
        for (UUID lot : lotIds) {
            tests.put(
                    lot,
                    new TestsView(
                            known(lot, germinated, wholes, GerminationRecord::view, GerminationView::countedOn),
                            known(lot, weighed, wholes, SeedWeightRecord::view, SeedWeightView::weighedOn),
                            looked.getOrDefault(lot, List.of()).stream()
                                    .map(WeevilLook::view)
                                    .toList()));
        }
        return tests;
    }

    /** Newest first: a lot's own, then those of the wholes it was part of. */
    private static <R, V> List<V> known(
            UUID lot,
            Map<UUID, List<R>> records,
            Map<UUID, Map<UUID, LocalDate>> wholes,
            Function<R, V> view,
            Function<V, LocalDate> on) {
        List<V> known = new ArrayList<>(
                records.getOrDefault(lot, List.of()).stream().map(view).toList());
        wholes.getOrDefault(lot, Map.of())
                .forEach((whole, until) -> records.getOrDefault(whole, List.of()).stream()
                        .map(view)
                        .filter(test -> !on.apply(test).isAfter(until))
                        .forEach(known::add));
        known.sort(Comparator.comparing(on).reversed());
        return known;
    }

    @HandsWork
    @Transactional
    public GerminationView germination(
            String lotNumber, LocalDate setOn, LocalDate countedOn, int perReplicate, List<Integer> counts) {
        LotView lot = lots.get(lotNumber);
        checkDays(lot, setOn, countedOn);
        return germinations
                .save(new GerminationRecord(lot.id(), setOn, countedOn, perReplicate, counts, stamps.now()))
                .view();
    }

    @HandsWork
    @Transactional
    public GerminationView correct(
            UUID id,
            int version,
            String reason,
            LocalDate setOn,
            LocalDate countedOn,
            int perReplicate,
            List<Integer> counts) {
        GerminationRecord test = germinations.findById(id).orElseThrow(NotFound.of("germination test"));
        Clash.check(test, version, test.view());
        checkDays(lots.byId(test.lotId()), setOn, countedOn);
        Map<String, Object> before = test.correctable();
        test.change(setOn, countedOn, perReplicate, counts);
        corrections.keep("germination test", id, before, test.correctable(), reason);
        return germinations.saveAndFlush(test).view();
    }

    @HandsWork
    @Transactional
    public SeedWeightView seedWeight(String lotNumber, LocalDate weighedOn, List<Double> grams) {
        LotView lot = lots.get(lotNumber);
        SeasonDates.check("weighedOn", weighedOn, pickedOn(lot), time.today());
        return weights.save(new SeedWeightRecord(lot.id(), weighedOn, grams, stamps.now()))
                .view();
    }

    /** Writes down how many of the seeds looked at weevils had bored. */
    @HandsWork
    @Transactional
    public WeevilLookView weevils(String lotNumber, LocalDate lookedOn, int seeds, int bored) {
        LotView lot = lots.get(lotNumber);
        SeasonDates.check("lookedOn", lookedOn, pickedOn(lot), time.today());
        return weevils.save(new WeevilLook(lot.id(), lookedOn, seeds, bored, stamps.now()))
                .view();
    }

    @HandsWork
    @Transactional
    public WeevilLookView correctWeevils(
            UUID id, int version, String reason, LocalDate lookedOn, int seeds, int bored) {
        WeevilLook look = weevils.findById(id).orElseThrow(NotFound.of("look for weevils"));
        Clash.check(look, version, look.view());
        SeasonDates.check("lookedOn", lookedOn, pickedOn(lots.byId(look.lotId())), time.today());
        Map<String, Object> before = look.correctable();
        look.change(lookedOn, seeds, bored);
        corrections.keep("look for weevils", id, before, look.correctable(), reason);
        return weevils.saveAndFlush(look).view();
    }

    private void checkDays(LotView lot, LocalDate setOn, LocalDate countedOn) {
        SeasonDates.check("setOn", setOn, pickedOn(lot), time.today());
        SeasonDates.check("countedOn", countedOn, setOn.plusDays(1), time.today());
    }

    private LocalDate pickedOn(LotView lot) {
        HarvestView harvest = harvests.of(List.of(lot.id())).get(lot.id());
        if (harvest == null) {
            throw new Refused(
                    "number",
                    lot.number(),
                    "a lot that was picked",
                    "Nothing is picked into " + lot.number() + " yet.");
        }
        return harvest.pickedOn();
    }
}
