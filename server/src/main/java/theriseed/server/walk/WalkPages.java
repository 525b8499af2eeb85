package theriseed.server.walk;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import theriseed.core.crop.Crop;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.Rows;
import theriseed.core.roguing.LateOffType;
import theriseed.server.base.CorrectionView;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.Maybe;
import theriseed.server.base.ReadsOnly;
import theriseed.server.ground.Ground;
import theriseed.server.ground.Metres;
import theriseed.server.handbook.Crops;
import theriseed.server.photo.PhotoView;
import theriseed.server.photo.Photos;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;

/** Gathers what is carried into the rows, and what walks left on the map. */
@Service
class WalkPages {
    private final Walks walks;
    private final Rings rings;
    private final Eyes eyes;
    private final Plantings plantings;
    private final Crops crops;
    private final Ground ground;
    private final Photos photos;
    private final Corrections corrections;
    private final FarmTime time;

    WalkPages(
            Walks walks,
            Rings rings,
            Eyes eyes,
            Plantings plantings,
            Crops crops,
            Ground ground,
            Photos photos,
            Corrections corrections,
            FarmTime time) {
        this.walks = walks;
        this.rings = rings;
        this.eyes = eyes;
        this.plantings = plantings;
        this.crops = crops;
        this.ground = ground;
        this.photos = photos;
        this.corrections = corrections;
        this.time = time;
    }

    /**
     * Everything the walk screen needs, with a signal or without: what to look for, what was found so far, and the
     * verdict of every count it may come to.
     *
     * @param stage the one that is due now
     * @param kinds of off-types, those found in the variety before first
     * @param recognised chance that whoever is signed in recognises an off-type
     * @param tables what a further walk would show, first of a stage with no inspection recorded
     * @param flowersFrom day from which off-types that are found are taken to have flowered with the stand; absent where they
     *     father next to nothing, or the bloom is not known
     * @param truePhotos pictures of true plants of the variety
     */
    record WalkPage(
            PlantingView planting,
            String stage,
            List<StageWalk> stages,
            List<String> kinds,
            Rows rows,
            double rowLength,
            String hazards,
            double recognised,
            List<Walks.StageTables> tables,
            List<WalkView> walks,
            @Maybe StageVerdict verdict,
            List<LateView> late,
            @Maybe LocalDate flowersFrom,
            List<RingView> rings,
            List<PhotoView> truePhotos,
            List<CorrectionView> corrections) {}

    /** A ring as it is drawn, in metres from the farm's spot. */
    record RingOnMap(RingView ring, Metres middle) {}

    @ReadsOnly
    public WalkPage of(UUID id) {
        PlantingView planting = plantings.get(id);
        Crop crop = crops.get(planting.variety().cropKey());
        List<WalkView> walked = walks.of(id);
        List<RingView> decided = rings.of(id);
        List<StageWalk> stages = walks.stages(List.of(planting)).get(id);
        var site = plantings.site(id);
        Integer counted = walked.stream()
                .map(WalkView::rowsInAll)
                .filter(rows -> rows != null)
                .reduce((one, later) -> later)
                .orElse(null);
        UUID variety = planting.variety().id();
        return new WalkPage(
                planting,
                now(stages, time.today()),
                stages,
                walks.kinds(planting),
                counted == null
                        ? Rows.of(site, planting.plants(), planting.inRow(), planting.betweenRows())
                        : Rows.counted(counted, planting.plants()),
                site.parts().get(0).length(),
                crop.hazards(),
                eyes.ofWhoeverWalks(),
                walks.tables(planting),
                walked,
                walks.verdicts(List.of(planting)).get(id),
                walks.late(planting),
                LateOffType.flowersFrom(crop, planting.window()).orElse(null),
                decided,
                photos.of(variety),
                corrections.of(Stream.concat(
                                walked.stream().map(WalkView::id),
                                decided.stream().map(RingView::id))
                        .toList()));
    }

    /** The latest stage that has begun; before the first, the first. */
    private static String now(List<StageWalk> stages, LocalDate today) {
        return stages.stream()
                .filter(stage -> stage.from() != null && !stage.from().isAfter(today))
                .reduce((one, later) -> later.from().isBefore(one.from()) ? one : later)
                .orElse(stages.get(0))
                .stage();
    }

    @ReadsOnly
    public List<RingOnMap> rings(int season) {
        LocalPlane plane = ground.plane();
        return rings.of(plantings.idsOfSeason(season)).values().stream()
                .flatMap(List::stream)
                .map(ring -> new RingOnMap(ring, Metres.of(plane, ring.middle())))
                .toList();
    }
}
