package theriseed.server.walk;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Crop;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Rows;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.ground.GroundCarried;
import theriseed.server.handbook.Crops;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;

/** Decides about seed round off-types that shed pollen, and remembers it until the harvest. */
@Service
public class Rings {
    private final RingRepository rings;
    private final WalkRepository walks;
    private final Plantings plantings;
    private final Crops crops;
    private final Corrections corrections;
    private final ApplicationEventPublisher events;
    private final Once once;
    private final Stamps stamps;

    Rings(
            RingRepository rings,
            WalkRepository walks,
            Plantings plantings,
            Crops crops,
            Corrections corrections,
            ApplicationEventPublisher events,
            Once once,
            Stamps stamps) {
        this.rings = rings;
        this.walks = walks;
        this.plantings = plantings;
        this.crops = crops;
        this.corrections = corrections;
        this.events = events;
        this.once = once;
        this.stamps = stamps;
    }

    @ReadsOnly
    public List<RingView> of(UUID plantingId) {
        return of(List.of(plantingId)).getOrDefault(plantingId, List.of());
    }

    @ReadsOnly
    public Map<UUID, List<RingView>> of(Collection<UUID> plantingIds) {
        return plantingIds.isEmpty()
                ? Map.of()
                : rings.findByPlantingIdInOrderById(plantingIds).stream()
                        .map(SuspectRing::view)
                        .collect(Collectors.groupingBy(RingView::plantingId));
    }

    @ReadsOnly
    public RingView get(UUID id) {
        return rings.findById(id).map(SuspectRing::view).orElseThrow(NotFound.of("ring"));
    }

    /** Decides about the seed round an off-type; the decision known under this id already is the same one sent again. */
    @HandsWork
    @Transactional
    public RingView decide(UUID id, UUID walkId, RingFacts facts) {
        return once.record(id, () -> rings.findById(id).map(SuspectRing::view), () -> {
            Walk walk = walks.findById(walkId).orElseThrow(NotFound.of("walk"));
            PlantingView planting = plantings.get(walk.plantingId());
            Crop crop = crops.get(planting.variety().cropKey());
            if (walk.facts().shedFrom(crop, planting.window()).isEmpty()) {
                throw new Refused("walk", walk.facts().stage(), "walk.nothingShed");
            }
            SuspectRing ring = new SuspectRing(
                    id,
                    planting.id(),
                    walkId,
                    spot(planting, walk.facts(), facts),
                    facts,
                    planting.grade(),
                    stamps.now());
            RingView decided = rings.saveAndFlush(ring).view();
            events.publishEvent(new SeedSuspect(decided));
            return decided;
        });
    }

    @HandsWork
    @Transactional
    public RingView correct(UUID id, int version, String because, RingFacts facts) {
        SuspectRing ring = rings.findById(id).orElseThrow(NotFound.of("ring"));
        Clash.check(ring, version, ring.view());
        Walk walk = walks.findById(ring.walkId()).orElseThrow(NotFound.of("walk"));
        PlantingView planting = plantings.get(ring.plantingId());
        Map<String, Object> before = ring.correctable();
        ring.decide(spot(planting, walk.facts(), facts), facts, planting.grade());
        corrections.keep("ring", id, before, ring.correctable(), because);
        RingView decided = rings.saveAndFlush(ring).view();
        events.publishEvent(new SeedSuspect(decided));
        return decided;
    }

    /** A ring lies where its plants do. */
    @EventListener
    void carried(GroundCarried ground) {
        rings.findAll().forEach(ring -> ring.carry(ground.carried(ring.at())));
    }

    private LonLat spot(PlantingView planting, WalkFacts walk, RingFacts facts) {
        var site = plantings.site(planting.id());
        Rows rows = walk.rowsInAll() == null
                ? Rows.of(site, planting.plants(), planting.inRow(), planting.betweenRows())
                : Rows.counted(walk.rowsInAll(), planting.plants());
        return rows.spot(site, facts.row(), facts.along());
    }
}
