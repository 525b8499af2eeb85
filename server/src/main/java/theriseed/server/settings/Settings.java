package theriseed.server.settings;

import java.time.DayOfWeek;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.OwnClimate;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.farm.ClimateFrom;
import theriseed.server.farm.FarmClock;
import theriseed.server.farm.FarmFacts;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.ground.Ground;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;
import theriseed.server.weather.Weathers;

/** Says the farm otherwise: where it lies, how warm it usually is, by which clock and money it works. */
@Service
public class Settings {
    /** What was typed to a tenth is the same as before. */
    private static final double SAME_C = 0.05;

    private final Farms farms;
    private final Ground ground;
    private final Plantings plantings;
    private final Weathers weathers;
    private final FarmClock clock;
    private final FarmTime time;
    private final TransactionTemplate tried;

    Settings(
            Farms farms,
            Ground ground,
            Plantings plantings,
            Weathers weathers,
            FarmClock clock,
            FarmTime time,
            PlatformTransactionManager transactions) {
        this.farms = farms;
        this.ground = ground;
        this.plantings = plantings;
        this.weathers = weathers;
        this.clock = clock;
        this.time = time;
        this.tried = new TransactionTemplate(transactions);
        this.tried.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /**
     * The farm as a grower wants it.
     *
     * @param carryGround whether everything on the map goes along when the farm lies elsewhere
     * @param coldestMonth usual mean, &deg;C, with {@code warmestMonth}; asked where the usual year is typed
     */
    public record Wanted(
            String name,
            LonLat spot,
            boolean carryGround,
            String timeZone,
            String currency,
            ClimateFrom climateFrom,
            Double coldestMonth,
            Double warmestMonth,
            MonthDay lastFrost,
            MonthDay firstFrost,
            DayOfWeek weekBegins,
            String locale) {}

    @GrowersWork
    @ReadsOnly
    public OwnClimate ownClimate() {
        return weathers.ownClimate();
    }

    /** Tries it, looks at the plan from this season on, and takes it back. */
    @GrowersWork
    public FarmChange preview(int version, Wanted wanted) {
        FarmView before = farms.get();
        Map<UUID, PlantingView> was = planned();
        return tried.execute(begun -> {
            begun.setRollbackOnly();
            FarmFacts facts = facts(before, wanted);
            farms.check(facts);
            // By the clock of before: who else asks for the time meanwhile must not be told another.
            List<String> tooFar = say(version, "tried", before, facts.inZone(before.timeZone()), wanted.carryGround());
            List<PlantingChange> changes = new ArrayList<>();
            planned().forEach((id, is) -> changes.add(PlantingChange.of(was.get(id), is)));
            return new FarmChange(
                    Sun.over(facts, time.today().getYear()),
                    facts.climate(),
                    kilometres(before.spot(), facts.spot()),
                    tooFar,
                    was.size(),
                    changes.stream().filter(PlantingChange::any).toList(),
                    before.currency().equals(facts.currency())
                            ? null
                            : new FarmChange.Amounts(before.currency(), facts.currency()));
        });
    }

    /** Keeps it; what it was is kept beside it, with why. */
    @GrowersWork
    @Transactional
    public FarmView change(int version, String reason, Wanted wanted) {
        FarmView before = farms.get();
        FarmFacts facts = facts(before, wanted);
        List<String> tooFar = say(version, reason, before, facts, wanted.carryGround());
        if (!tooFar.isEmpty()) {
            throw new Refused("carryGround", "no", "farm.groundTooFar", "plots", tooFar.size(), "first", tooFar.get(0));
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                clock.lookAgain();
            }
        });
        return farms.get();
    }

    /** Says it, and names plots that then lie where no farm there can hold them. */
    private List<String> say(int version, String reason, FarmView before, FarmFacts facts, boolean carryGround) {
        farms.change(version, reason, facts);
        if (carryGround && !facts.spot().equals(before.spot())) {
            ground.carry(before.spot(), facts.spot(), reason);
        }
        return ground.tooFarFrom(facts.spot());
    }

    private Map<UUID, PlantingView> planned() {
        int now = farms.year().seasonOn(time.today());
        return plantings.planned().stream()
                .filter(season -> season >= now)
                .sorted()
                .flatMap(season -> plantings.of(season).stream())
                .collect(Collectors.toMap(
                        PlantingView::id, Function.identity(), (one, other) -> one, LinkedHashMap::new));
    }

    private FarmFacts facts(FarmView before, Wanted wanted) {
        return new FarmFacts(
                wanted.name(),
                LonLat.of(wanted.spot().lon(), wanted.spot().lat()),
                wanted.timeZone(),
                wanted.currency(),
                climate(before, wanted),
                wanted.climateFrom(),
                wanted.lastFrost(),
                wanted.firstFrost(),
                wanted.weekBegins(),
                wanted.locale());
    }

    private ClimateNormals climate(FarmView before, Wanted wanted) {
        if (wanted.climateFrom() == ClimateFrom.OWN_DAYS) {
            return weathers.ownClimate().normals();
        }
        if (wanted.coldestMonth() == null || wanted.warmestMonth() == null) {
            throw Refused.missing(wanted.coldestMonth() == null ? "coldestMonth" : "warmestMonth");
        }
        ClimateNormals typed = Farms.climate(wanted.spot(), wanted.coldestMonth(), wanted.warmestMonth());
        ClimateNormals there = before.climate();
        boolean same = before.climateFrom() == ClimateFrom.TYPED
                && Math.abs(typed.mean() - there.mean()) < SAME_C
                && Math.abs(typed.amplitude() - there.amplitude()) < SAME_C
                && Math.signum(before.spot().lat()) == Math.signum(wanted.spot().lat());
        return same ? there : typed;
    }

    private static double kilometres(LonLat from, LonLat to) {
        LocalPlane plane = LocalPlane.around(List.of(from, to));
        return plane.metres(from).distance(plane.metres(to)) / 1000;
    }
}
