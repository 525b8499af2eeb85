package theriseed.server.season;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Crop;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.handbook.Crops;
import theriseed.server.photo.Pictured;

/** The varieties of the farm. */
@Service
public class Varieties implements Pictured {
    private final VarietyRepository varieties;
    private final Crops crops;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Varieties(VarietyRepository varieties, Crops crops, Corrections corrections, Stamps stamps, FarmTime time) {
        this.varieties = varieties;
        this.crops = crops;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    @ReadsOnly
    public PageOf<VarietyView> matching(String typed, int page, int size) {
        Page<Variety> found =
                varieties.findByNameContainingIgnoreCaseOrderByNameAscIdAsc(typed.strip(), PageOf.request(page, size));
        return PageOf.of(found, found.map(this::view).toList());
    }

    /** What each variety is called, with its crop. */
    @ReadsOnly
    public Map<UUID, String> names() {
        return varieties.names().stream()
                .collect(Collectors.toMap(
                        VarietyRepository.Named::id,
                        named ->
                                named.name() + ", " + crops.get(named.cropKey()).name()));
    }

    /** The ids of all varieties of a crop. */
    @ReadsOnly
    public List<UUID> idsOfCrop(String cropKey) {
        return varieties.idsOf(cropKey);
    }

    @ReadsOnly
    public String cropKey(UUID id) {
        return varieties.findById(id).orElseThrow(NotFound.of("variety")).cropKey();
    }

    @ReadsOnly
    public Map<UUID, VarietyView> byIds(Collection<UUID> ids) {
        return varieties.findAllById(ids).stream().collect(Collectors.toMap(Variety::id, this::view));
    }

    @ReadsOnly
    public VarietyView get(UUID id) {
        return view(varieties.findById(id).orElseThrow(NotFound.of("variety")));
    }

    @GrowersWork
    @Transactional
    public VarietyView make(String cropKey, VarietyFacts facts) {
        Crop crop = crops.get(cropKey);
        varieties.findByCropKeyAndNameIgnoreCase(cropKey, facts.name().strip()).ifPresent(other -> {
            throw new Refused("name", facts.name(), "variety.nameTaken", "crop", crop.name());
        });
        return view(varieties.save(new Variety(cropKey, facts, time.today().getYear(), stamps.now())));
    }

    @GrowersWork
    @Transactional
    public VarietyView correct(UUID id, int version, String reason, VarietyFacts facts) {
        Variety variety = varieties.findById(id).orElseThrow(NotFound.of("variety"));
        Clash.check(variety, version, view(variety));
        var before = variety.facts();
        variety.change(facts, time.today().getYear());
        corrections.keep("variety", id, before, variety.facts(), reason);
        return view(varieties.saveAndFlush(variety));
    }

    private VarietyView view(Variety variety) {
        return variety.view(crops.get(variety.cropKey()));
    }

    @Override
    @ReadsOnly
    public boolean mayHavePictures(UUID id) {
        return varieties.existsById(id);
    }
}
