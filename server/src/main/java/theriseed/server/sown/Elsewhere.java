package theriseed.server.sown;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Stamps;
import theriseed.server.gate.LotKnown;
import theriseed.server.stall.SowingRules;

/** Seed from elsewhere that plantings were sown with. */
@Service
public class Elsewhere {
    private final SeedFromElsewhereRepository seeds;
    private final SowingRules rules;
    private final Corrections corrections;
    private final Stamps stamps;

    Elsewhere(SeedFromElsewhereRepository seeds, SowingRules rules, Corrections corrections, Stamps stamps) {
        this.seeds = seeds;
        this.rules = rules;
        this.corrections = corrections;
        this.stamps = stamps;
    }

    /** What of it was sown in these plantings, by day. */
    @ReadsOnly
    public List<ElsewhereView> of(Collection<UUID> plantingIds) {
        return seeds.findByPlantingIdInAndNeverSownFalseOrderBySownOnAscIdAsc(plantingIds).stream()
                .map(SeedFromElsewhere::view)
                .toList();
    }

    /** Whether seed of a lot was treated, or grown from treated seed. */
    @ReadsOnly
    public boolean treated(LotKnown lot) {
        return !treated(List.of(lot)).isEmpty();
    }

    /** The ids of those of these lots whose seed was treated, or grown from treated seed. */
    @ReadsOnly
    public Set<UUID> treated(Collection<LotKnown> lots) {
        Set<UUID> sown = of(lots.stream()
                        .filter(lot -> lot.planting() != null)
                        .map(lot -> lot.planting().id())
                        .collect(Collectors.toSet()))
                .stream()
                .filter(seed -> !seed.treatment().isEmpty())
                .map(ElsewhereView::plantingId)
                .collect(Collectors.toSet());
        return lots.stream()
                .filter(lot -> lot.variety().treated()
                        || lot.planting() != null
                                && sown.contains(lot.planting().id())
                        || cameTreated(lot))
                .map(lot -> lot.lot().id())
                .collect(Collectors.toSet());
    }

    private static boolean cameTreated(LotKnown lot) {
        return lot.harvest() != null
                && lot.harvest().arrival() != null
                && !lot.harvest().arrival().treatment().isEmpty();
    }

    @HandsWork
    @Transactional
    public ElsewhereView sow(UUID plantingId, ElsewhereFacts facts) {
        rules.check(plantingId, "sownOn", facts.sownOn());
        return seeds.saveAndFlush(new SeedFromElsewhere(plantingId, facts, stamps.now()))
                .view();
    }

    @HandsWork
    @Transactional
    ElsewhereView correct(UUID id, Changed made, ElsewhereFacts facts) {
        return change(id, made, seed -> {
            rules.check(seed.plantingId(), "sownOn", facts.sownOn());
            seed.change(facts);
        });
    }

    /** It was not sown there after all. */
    @HandsWork
    @Transactional
    ElsewhereView undo(UUID id, Changed made) {
        return change(id, made, SeedFromElsewhere::neverSown);
    }

    private ElsewhereView change(UUID id, Changed made, Consumer<SeedFromElsewhere> how) {
        SeedFromElsewhere seed = seeds.findById(id).orElseThrow(NotFound.of("seed from elsewhere"));
        Clash.check(seed, made.from(), seed.view());
        Map<String, Object> before = seed.correctable();
        how.accept(seed);
        corrections.keep("seedFromElsewhere", id, before, seed.correctable(), made.because());
        return seeds.saveAndFlush(seed).view();
    }
}
