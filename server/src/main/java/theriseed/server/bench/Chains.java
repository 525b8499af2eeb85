package theriseed.server.bench;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bench.Chain;
import theriseed.core.bench.Setting;
import theriseed.core.bench.StepKind;
import theriseed.core.crop.Crop;
import theriseed.server.base.Clash;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.handbook.Crops;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.Origin;
import theriseed.server.season.Varieties;

/** The orders of steps that lots go through: a crop's schools, the farm's own, and each lot's where it differs. */
@Service
class Chains {
    private final LotChainRepository ofLots;
    private final FarmChainRepository ofFarm;
    private final OtherLots others;
    private final SettingChecks checks;
    private final Lots lots;
    private final Varieties varieties;
    private final Crops crops;
    private final Stamps stamps;
    private final ApplicationEventPublisher events;

    Chains(
            LotChainRepository ofLots,
            FarmChainRepository ofFarm,
            OtherLots others,
            SettingChecks checks,
            Lots lots,
            Varieties varieties,
            Crops crops,
            Stamps stamps,
            ApplicationEventPublisher events) {
        this.ofLots = ofLots;
        this.ofFarm = ofFarm;
        this.others = others;
        this.checks = checks;
        this.lots = lots;
        this.varieties = varieties;
        this.crops = crops;
        this.stamps = stamps;
        this.events = events;
    }

    /** A school of the crop. */
    record SchoolView(Chain.School school, List<StepKind> steps) {}

    /** An order of steps under the farm's own name. */
    record NamedChain(String name, List<StepKind> steps) {}

    /** How a step was done the last time with this crop: the way, the screen, and whether that was set right. */
    record LastWay(
            StepKind kind,
            String way,
            @Maybe Double hole,
            @Maybe Setting.Verdict verdict) {}

    /**
     * What a lot may go through.
     *
     * @param version of the order chosen for it; {@value Clash#NONE} while none is
     * @param last how each kind of step was done the last time with its crop
     * @param shares that each kind of step let through in the farm's other lots of it
     */
    record ChainChoice(
            int version,
            List<StepKind> now,
            List<SchoolView> schools,
            List<NamedChain> own,
            List<LastWay> last,
            List<OwnSteps.ShareAfter> shares) {}

    @ReadsOnly
    public ChainChoice of(String number) {
        LotView lot = lots.get(number);
        String cropKey = varieties.cropKey(lot.varietyId());
        Crop crop = crops.get(cropKey);
        return new ChainChoice(
                version(lot.id()),
                chain(lot, crop).steps(),
                Chain.schools(crop).stream()
                        .map(school -> new SchoolView(school, school.chain().steps()))
                        .toList(),
                ofFarm.findByCropKeyOrderByName(cropKey).stream()
                        .map(FarmChain::view)
                        .toList(),
                last(others.ways(lot)),
                others.steps(lot).shares());
    }

    private List<LastWay> last(List<Step> ways) {
        Map<UUID, List<SettingCheckView>> looked = checks.of(ways);
        return ways.stream()
                .map(step -> new LastWay(
                        step.facts().kind(),
                        step.facts().way(),
                        step.facts().hole(),
                        looked.getOrDefault(step.id(), List.of()).stream()
                                .reduce((first, second) -> second)
                                .map(check -> check.setting().verdict())
                                .orElse(null)))
                .toList();
    }

    /** The chains of these lots that have one of their own. */
    @ReadsOnly
    public Map<UUID, Chain> own(Collection<UUID> lotIds) {
        return ofLots.findByLotIdIn(lotIds).stream().collect(Collectors.toMap(LotChain::lotId, LotChain::chain));
    }

    /** The order of steps a lot goes through. */
    @ReadsOnly
    public Chain chain(LotView lot, Crop crop) {
        return ofLots.findByLotId(lot.id())
                .map(LotChain::chain)
                .orElseGet(() -> usual(crop, lot.origin() == Origin.ELSEWHERE));
    }

    /** What a lot goes through that has no order of its own: nothing, where its seed came clean from elsewhere. */
    static Chain usual(Crop crop, boolean arrived) {
        return arrived ? Chain.NOTHING_TO_DO : Chain.of(crop);
    }

    /** Takes a lot through another order of steps from now on; what was done stays. */
    @HandsWork
    @Transactional
    public ChainChoice choose(String number, int version, List<StepKind> order) {
        LotView lot = lots.lock(number);
        int stands = version(lot.id());
        if (version != stands) {
            Clash.check(stands, version, of(number));
        }
        become(lot, order);
        return of(number);
    }

    /** Has a lot go through an order of steps from now on. */
    @Transactional
    public void become(LotView lot, List<StepKind> order) {
        Chain chain = new Chain(order);
        LotChain own = ofLots.findByLotId(lot.id()).orElse(null);
        if (own == null) {
            own = new LotChain(lot.id(), chain, stamps.now());
        } else {
            own.become(chain);
        }
        ofLots.saveAndFlush(own);
        events.publishEvent(new LotWorkedOn(lot.id(), true));
    }

    /** Of the order chosen for a lot; {@value Clash#NONE} while none is. */
    public int version(UUID lotId) {
        return ofLots.findByLotId(lotId).map(LotChain::version).orElse(Clash.NONE);
    }

    /** The steps that a lot which came of others still has before it. */
    @Transactional
    public void goOn(UUID lotId, List<StepKind> left) {
        ofLots.saveAndFlush(new LotChain(lotId, new Chain(left), stamps.now()));
    }

    /** Keeps an order of steps for a crop under a name of the farm's own. */
    @GrowersWork
    @Transactional
    public NamedChain keep(String cropKey, String name, List<StepKind> order) {
        Crop crop = crops.get(cropKey);
        if (ofFarm.existsByCropKeyAndNameIgnoreCase(cropKey, name.strip())) {
            throw new Refused("name", name, "bench.chainNameTaken", "crop", crop.name());
        }
        return ofFarm.saveAndFlush(new FarmChain(cropKey, name, new Chain(order), stamps.now()))
                .view();
    }
}
