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
import java.util.function.BinaryOperator;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.handbook.Crops;
import theriseed.server.harvest.HarvestView;
import theriseed.server.harvest.Harvests;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Transfers;
import theriseed.server.photo.Pictured;
import theriseed.server.season.Varieties;

/** Tests of the lots. A test is never replaced by a better one: all stay, the last counts. */
@Service
public class Quality implements Pictured {
    private final GerminationRepository germinations;
    private final SeedWeightRepository weights;
    private final PurityRepository purities;
    private final MoistureTestRepository moistures;
    private final CutRepository cuts;
    private final GrowOutRepository growOuts;
    private final WeevilLookRepository weevils;
    private final Lots lots;
    private final Transfers transfers;
    private final Harvests harvests;
    private final Varieties varieties;
    private final Crops crops;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Quality(
            GerminationRepository germinations,
            SeedWeightRepository weights,
            PurityRepository purities,
            MoistureTestRepository moistures,
            CutRepository cuts,
            GrowOutRepository growOuts,
            WeevilLookRepository weevils,
            Lots lots,
            Transfers transfers,
            Harvests harvests,
            Varieties varieties,
            Crops crops,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.germinations = germinations;
        this.weights = weights;
        this.purities = purities;
        this.moistures = moistures;
        this.cuts = cuts;
        this.growOuts = growOuts;
        this.weevils = weevils;
        this.lots = lots;
        this.transfers = transfers;
        this.harvests = harvests;
        this.varieties = varieties;
        this.crops = crops;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /**
     * The tests of each of these lots. A part of another lot takes over what was known of the whole when it was parted,
     * but for weevils: those are looked for anew.
     */
    @ReadsOnly
    public Map<UUID, TestsView> of(Collection<UUID> lotIds) {
        return of(lotIds, transfers.wholes(lotIds));
    }

    /** The tests that were recorded of each of these lots itself. */
    @ReadsOnly
    public Map<UUID, TestsView> own(Collection<UUID> lotIds) {
        return of(lotIds, Map.of());
    }

    /**
     * The last seed weight of each variety, as it was taken of its lots themselves.
     *
     * @param varieties by lot, of all lots there ever were
     */
    @ReadsOnly
    public Map<UUID, SeedWeightView> lastSeedWeights(Map<UUID, UUID> varieties) {
        Map<UUID, SeedWeightRepository.Weighed> last = weights.weighed().stream()
                .filter(one -> varieties.containsKey(one.lotId()))
                .collect(Collectors.toMap(
                        one -> varieties.get(one.lotId()),
                        one -> one,
                        BinaryOperator.maxBy(Comparator.comparing(SeedWeightRepository.Weighed::weighedOn))));
        Map<UUID, SeedWeightView> views =
                weights
                        .findAllById(last.values().stream()
                                .map(SeedWeightRepository.Weighed::id)
                                .toList())
                        .stream()
                        .map(SeedWeightRecord::view)
                        .collect(Collectors.toMap(SeedWeightView::id, view -> view));
        return last.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, one -> views.get(one.getValue().id())));
    }

    private Map<UUID, TestsView> of(Collection<UUID> lotIds, Map<UUID, Map<UUID, LocalDate>> wholes) {
        Set<UUID> tested = new HashSet<>(lotIds);
        wholes.values().forEach(whole -> tested.addAll(whole.keySet()));
        Known<GerminationRecord> set = new Known<>(germinations.findByLotIdIn(tested), wholes);
        Known<SeedWeightRecord> weighed = new Known<>(weights.findByLotIdIn(tested), wholes);
        Known<PurityRecord> pure = new Known<>(purities.findByLotIdIn(tested), wholes);
        Known<MoistureRecord> moist = new Known<>(moistures.findByLotIdIn(tested), wholes);
        Known<CutRecord> cut = new Known<>(cuts.findByLotIdIn(tested), wholes);
        Known<GrowOutRecord> grown = new Known<>(growOuts.findByLotIdIn(tested), wholes);
        Known<WeevilLook> looked = new Known<>(weevils.findByLotIdIn(lotIds), Map.of());
        Map<UUID, TestsView> tests = new HashMap<>();
        for (UUID lot : lotIds) {
            List<GerminationRecord> all = set.of(lot);
            tests.put(
                    lot,
                    TestsView.of(
                            all.stream()
                                    .filter(GerminationRecord::counted)
                                    .map(GerminationRecord::view)
                                    .toList(),
                            all.stream()
                                    .filter(test -> test.runs() && test.lotId().equals(lot))
                                    .map(GerminationRecord::view)
                                    .sorted(Comparator.comparing(GerminationView::finalDue))
                                    .toList(),
                            all.stream()
                                    .filter(test -> !test.runs() && !test.counted())
                                    .map(GerminationRecord::view)
                                    .toList(),
                            weighed.of(lot).stream().map(SeedWeightRecord::view).toList(),
                            pure.of(lot).stream().map(PurityRecord::view).toList(),
                            moist.of(lot).stream().map(MoistureRecord::view).toList(),
                            cut.of(lot).stream().map(CutRecord::view).toList(),
                            grown.of(lot).stream().map(GrowOutRecord::view).toList(),
                            looked.of(lot).stream().map(WeevilLook::view).toList()));
        }
        return tests;
    }

    /** Tests by lot, with those that parts take over from the lots they were part of. */
    private static final class Known<R extends SeedTest> {
        private final Map<UUID, List<R>> records;
        private final Map<UUID, Map<UUID, LocalDate>> wholes;

        Known(List<R> records, Map<UUID, Map<UUID, LocalDate>> wholes) {
            this.records = records.stream().collect(Collectors.groupingBy(SeedTest::lotId));
            this.wholes = wholes;
        }

        /** Newest first. */
        List<R> of(UUID lot) {
            List<R> known = new ArrayList<>(records.getOrDefault(lot, List.of()));
            wholes.getOrDefault(lot, Map.of())
                    .forEach((whole, until) -> records.getOrDefault(whole, List.of()).stream()
                            .filter(test -> !test.on().isAfter(until))
                            .forEach(known::add));
            known.sort(Comparator.<R, LocalDate>comparing(SeedTest::on)
                    .thenComparing(SeedTest::recordedAt)
                    .thenComparing(SeedTest::id)
                    .reversed());
            return known;
        }
    }

    /** A test that is set, or one that was counted already. */
    @HandsWork
    @Transactional
    public GerminationView germination(String lotNumber, GerminationFacts facts) {
        LotView lot = lots.get(lotNumber);
        checkDays(lot, facts);
        Crop crop = crops.get(varieties.cropKey(lot.varietyId()));
        return germinations
                .save(new GerminationRecord(lot.id(), facts, crop.firstCountDay(), crop.finalCountDay(), stamps.now()))
                .view();
    }

    /** Counts a test that runs; not a correction, for nothing stood there. */
    @HandsWork
    @Transactional
    public GerminationView count(UUID id, int version, Function<GerminationFacts, GerminationFacts> counted) {
        GerminationRecord test = germinations.findById(id).orElseThrow(NotFound.of("germination test"));
        Clash.check(test, version, test.view());
        if (!test.runs()) {
            throw new Refused("countedOn", test.on(), "test.correctIt");
        }
        GerminationFacts facts = counted.apply(test.facts());
        checkDays(lots.byId(test.lotId()), facts);
        test.change(facts);
        return germinations.saveAndFlush(test).view();
    }

    /** A test that dried out, moulded or fell down tells nothing; that it was set is kept. */
    @HandsWork
    @Transactional
    public GerminationView spoilt(UUID id, String why) {
        Range.of(3, 300, "characters").check("why", why.strip().length());
        GerminationRecord test = germinations.findById(id).orElseThrow(NotFound.of("germination test"));
        test.spoil(why);
        return germinations.saveAndFlush(test).view();
    }

    @HandsWork
    @Transactional
    public GerminationView correctGermination(UUID id, Changed made, GerminationFacts facts) {
        return (GerminationView) correct(germinations, "germination test", id, made, test -> {
            checkDays(lots.byId(test.lotId()), facts);
            if (test.counted() && facts.countedOn() == null) {
                throw new Refused("countedOn", "", "test.countedDay");
            }
            test.change(facts);
        });
    }

    @HandsWork
    @Transactional
    public SeedWeightView seedWeight(String lotNumber, SeedWeightFacts facts) {
        LotView lot = lots.get(lotNumber);
        checkDay("weighedOn", facts.weighedOn(), lot);
        return weights.save(new SeedWeightRecord(lot.id(), facts, stamps.now())).view();
    }

    @HandsWork
    @Transactional
    public SeedWeightView correctSeedWeight(UUID id, Changed made, SeedWeightFacts facts) {
        return (SeedWeightView) correct(weights, "seed weight", id, made, test -> {
            checkDay("weighedOn", facts.weighedOn(), lots.byId(test.lotId()));
            test.change(facts);
        });
    }

    @HandsWork
    @Transactional
    public PurityView purity(String lotNumber, PurityFacts facts) {
        LotView lot = lots.get(lotNumber);
        checkDay("testedOn", facts.testedOn(), lot);
        return purities.save(new PurityRecord(lot.id(), facts, stamps.now())).view();
    }

    @HandsWork
    @Transactional
    public PurityView correctPurity(UUID id, Changed made, PurityFacts facts) {
        return (PurityView) correct(purities, "purity test", id, made, test -> {
            checkDay("testedOn", facts.testedOn(), lots.byId(test.lotId()));
            test.change(facts);
        });
    }

    @HandsWork
    @Transactional
    public MoistureView moisture(String lotNumber, MoistureFacts facts) {
        LotView lot = lots.get(lotNumber);
        checkDay("measuredOn", facts.measuredOn(), lot);
        return moistures.save(new MoistureRecord(lot.id(), facts, stamps.now())).view();
    }

    @HandsWork
    @Transactional
    public MoistureView correctMoisture(UUID id, Changed made, MoistureFacts facts) {
        return (MoistureView) correct(moistures, "moisture test", id, made, test -> {
            checkDay("measuredOn", facts.measuredOn(), lots.byId(test.lotId()));
            test.change(facts);
        });
    }

    @HandsWork
    @Transactional
    public CutView cut(String lotNumber, CutFacts facts) {
        LotView lot = lots.get(lotNumber);
        checkDay("cutOn", facts.cutOn(), lot);
        return cuts.save(new CutRecord(lot.id(), facts, stamps.now())).view();
    }

    @HandsWork
    @Transactional
    public CutView correctCut(UUID id, Changed made, CutFacts facts) {
        return (CutView) correct(cuts, "cut test", id, made, test -> {
            checkDay("cutOn", facts.cutOn(), lots.byId(test.lotId()));
            test.change(facts);
        });
    }

    /** What a sample of the lot was like, sown and looked through as plants. */
    @HandsWork
    @Transactional
    public GrowOutView growOut(String lotNumber, GrowOutFacts facts) {
        LotView lot = lots.get(lotNumber);
        checkDay("sownOn", facts.sownOn(), lot);
        return growOuts.save(new GrowOutRecord(lot.id(), facts, time.today(), stamps.now()))
                .view();
    }

    @HandsWork
    @Transactional
    public GrowOutView correctGrowOut(UUID id, Changed made, GrowOutFacts facts) {
        return (GrowOutView) correct(growOuts, "grow-out", id, made, test -> {
            checkDay("sownOn", facts.sownOn(), lots.byId(test.lotId()));
            test.change(facts, time.today());
        });
    }

    /** Writes down how many of the seeds looked at weevils had bored, and how many live. */
    @HandsWork
    @Transactional
    public WeevilLookView weevils(String lotNumber, WeevilFacts facts) {
        LotView lot = lots.get(lotNumber);
        checkDay("lookedOn", facts.lookedOn(), lot);
        return weevils.save(new WeevilLook(lot.id(), facts, stamps.now())).view();
    }

    @HandsWork
    @Transactional
    public WeevilLookView correctWeevils(UUID id, Changed made, WeevilFacts facts) {
        return (WeevilLookView) correct(weevils, "look for weevils", id, made, look -> {
            checkDay("lookedOn", facts.lookedOn(), lots.byId(look.lotId()));
            look.change(facts);
        });
    }

    private <R extends SeedTest> Object correct(
            JpaRepository<R, UUID> of, String what, UUID id, Changed made, Consumer<R> change) {
        R test = of.findById(id).orElseThrow(NotFound.of(what));
        Clash.check(test, made.from(), test.view());
        Map<String, Object> before = test.correctable();
        change.accept(test);
        corrections.keep(what, id, before, test.correctable(), made.because());
        return of.saveAndFlush(test).view();
    }

    private void checkDays(LotView lot, GerminationFacts facts) {
        checkDay("setOn", facts.setOn(), lot);
        if (facts.firstOn() != null) {
            SeasonDates.check("firstOn", facts.firstOn(), facts.setOn().plusDays(1), time.today());
        }
        if (facts.countedOn() != null) {
            LocalDate earliest = facts.firstOn() == null ? facts.setOn().plusDays(1) : facts.firstOn();
            SeasonDates.check("countedOn", facts.countedOn(), earliest, time.today());
        }
    }

    private void checkDay(String field, LocalDate day, LotView lot) {
        SeasonDates.check(field, day, pickedOn(lot), time.today());
    }

    private LocalDate pickedOn(LotView lot) {
        HarvestView harvest = harvests.of(List.of(lot.id())).get(lot.id());
        if (harvest == null) {
            throw new Refused("number", lot.number(), "lot.nothingPicked", "lot", lot.number());
        }
        return harvest.pickedOn();
    }

    /** What was sown, sorted, cut open or grown out is looked at; a weight is not. */
    @Override
    public boolean mayHavePictures(UUID id) {
        return Stream.of(germinations, purities, cuts, growOuts, weevils).anyMatch(tests -> tests.existsById(id));
    }
}
