package theriseed.server.season;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BinaryOperator;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bloom.BloomSeen;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Stamps;
import theriseed.server.season.BloomLook.Seen;

/** Looks at the bloom of plantings: what is forecast gives way to what was seen. */
@Service
public class BloomLooks {
    private final BloomLookRepository looks;
    private final PlantingRepository plantings;
    private final Corrections corrections;
    private final Once once;
    private final Stamps stamps;
    private final FarmTime time;

    BloomLooks(
            BloomLookRepository looks,
            PlantingRepository plantings,
            Corrections corrections,
            Once once,
            Stamps stamps,
            FarmTime time) {
        this.looks = looks;
        this.plantings = plantings;
        this.corrections = corrections;
        this.once = once;
        this.stamps = stamps;
        this.time = time;
    }

    @ReadsOnly
    List<BloomLookView> of(UUID planting) {
        return looks.findByPlantingIdOrderBySeenOnAscIdAsc(planting).stream()
                .map(BloomLook::view)
                .toList();
    }

    @HandsWork
    @Transactional
    public BloomLookView record(UUID id, UUID plantingId, BloomLook.Facts facts) {
        return once.record(id, () -> looks.findById(id), () -> {
                    check(plantingId, facts, Optional.empty());
                    return looks.saveAndFlush(new BloomLook(id, plantingId, facts, stamps.now()));
                })
                .view();
    }

    @HandsWork
    @Transactional
    public BloomLookView correct(UUID id, int version, String reason, BloomLook.Facts facts) {
        BloomLook look = looks.findById(id).orElseThrow(NotFound.of("look"));
        if (look.version() != version) {
            Clash.check(look, version, look.view());
        }
        check(look.plantingId(), facts, Optional.of(id));
        Map<String, Object> before = look.correctable();
        look.change(facts);
        corrections.keep("bloomLook", id, before, look.correctable(), reason);
        return looks.saveAndFlush(look).view();
    }

    /** Nobody looks before it is sown, nor in days to come; and nothing that was over is not in bloom yet. */
    private void check(UUID plantingId, BloomLook.Facts facts, Optional<UUID> instead) {
        Planting planting = plantings.findWithVarietyById(plantingId).orElseThrow(NotFound.of("planting"));
        SeasonDates.check("seenOn", facts.seenOn(), planting.facts().days().sownOn(), time.today());
        List<BloomLook.Facts> all = Stream.concat(
                        looks.findByPlantingIdOrderBySeenOnAscIdAsc(plantingId).stream()
                                .filter(look ->
                                        instead.filter(look.id()::equals).isEmpty())
                                .map(BloomLook::facts),
                        Stream.of(facts))
                .toList();
        new BloomSeen(
                day(all, Seen.NOT_YET, BinaryOperator.maxBy(Comparator.naturalOrder())),
                day(all, Seen.IN_BLOOM, BinaryOperator.minBy(Comparator.naturalOrder())),
                day(all, Seen.IN_BLOOM, BinaryOperator.maxBy(Comparator.naturalOrder())),
                day(all, Seen.OVER, BinaryOperator.minBy(Comparator.naturalOrder())));
    }

    private static Optional<LocalDate> day(List<BloomLook.Facts> looks, Seen seen, BinaryOperator<LocalDate> which) {
        return looks.stream()
                .filter(look -> look.seen() == seen)
                .map(BloomLook.Facts::seenOn)
                .reduce(which);
    }
}
