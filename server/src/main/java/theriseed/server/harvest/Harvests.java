package theriseed.server.harvest;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.harvest.PickedMass;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.walk.Picking;

/** Picking into numbered lots. */
@Service
public class Harvests implements Picking {
    private final HarvestRepository harvests;
    private final Lots lots;
    private final Plantings plantings;
    private final Crops crops;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;
    private final ApplicationEventPublisher events;

    Harvests(
            HarvestRepository harvests,
            Lots lots,
            Plantings plantings,
            Crops crops,
            Corrections corrections,
            Stamps stamps,
            FarmTime time,
            ApplicationEventPublisher events) {
        this.harvests = harvests;
        this.lots = lots;
        this.plantings = plantings;
        this.crops = crops;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
        this.events = events;
    }

    /** What was picked into each of these lots; lots still empty are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, HarvestView> of(Collection<UUID> lotIds) {
        return harvests.findByLotIdIn(lotIds).stream().collect(Collectors.toMap(Harvest::lotId, Harvest::view));
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<LocalDate> cutOn(UUID plantingId) {
        List<UUID> ids = lots.of(List.of(plantingId)).stream().map(LotView::id).toList();
        return of(ids).values().stream().map(HarvestView::pickedOn).max(Comparator.naturalOrder());
    }

    @HandsWork
    @Transactional
    public HarvestView record(String lotNumber, HarvestFacts facts) {
        LotView lot = lots.lock(lotNumber);
        check(lot, facts);
        harvests.findByLotId(lot.id()).ifPresent(filled -> {
            throw new Refused(
                    "number",
                    lot.number(),
                    "an empty lot",
                    lot.number() + " is filled already. Another picking gets its own number.");
        });
        return harvests.save(new Harvest(lot.id(), facts, stamps.now())).view();
    }

    @HandsWork
    @Transactional
    public HarvestView correct(String lotNumber, int version, String reason, HarvestFacts facts) {
        LotView lot = lots.lock(lotNumber);
        Harvest harvest = harvests.findByLotId(lot.id()).orElseThrow(NotFound.of("harvest"));
        Clash.check(harvest, version, harvest.view());
        check(lot, facts);
        Map<String, Object> before = harvest.correctable();
        harvest.change(facts);
        corrections.keep("harvest", harvest.id(), before, harvest.correctable(), reason);
        HarvestView corrected = harvests.saveAndFlush(harvest).view();
        events.publishEvent(new HarvestCorrected(lot.id(), corrected.mass()));
        return corrected;
    }

    private void check(LotView lot, HarvestFacts facts) {
        PlantingView planting = plantings.get(lot.plantingId());
        var crop = crops.get(planting.variety().cropKey());
        SeasonDates.of(crop.lifeCycle(), planting.season())
                .checkPicking(planting.sownOn(), facts.pickedOn(), time.today());
        PickedMass.check(crop, facts.plants(), planting.plants(), facts.mass());
    }
}
