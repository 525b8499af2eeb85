package theriseed.server.farm;

import java.time.Instant;
import java.time.MonthDay;
import java.time.ZoneId;
import java.util.Currency;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.FarmYear;
import theriseed.core.ground.LonLat;
import theriseed.core.measure.Range;
import theriseed.server.base.Changes;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.words.Reader;

/** Knows the farm, and makes it once. */
@Service
public class Farms {
    private static final int COLDEST_DAY_NORTH = 25;
    private static final int COLDEST_DAY_SOUTH = 207;
    private static final double USUAL_HALF_SWING = 4;
    private static final Range MONTH = Range.of(-40, 45, "C");

    private final FarmRepository farms;
    private final Corrections corrections;
    private final Stamps stamps;
    private final Changes.Kinds farm;

    Farms(FarmRepository farms, Corrections corrections, Stamps stamps, Changes changes) {
        this.farms = farms;
        this.corrections = corrections;
        this.stamps = stamps;
        this.farm = changes.of(Farm.class);
    }

    /** The record of the farm itself. */
    public Changes.Kinds records() {
        return farm;
    }

    @ReadsOnly
    public Optional<FarmView> find() {
        return farms.findFirstBy().map(Farm::view);
    }

    /** The year as plants have it here. */
    @ReadsOnly
    public FarmYear year() {
        FarmView farm = get();
        return new FarmYear(farm.climate(), farm.frosts());
    }

    @ReadsOnly
    public FarmView get() {
        return find().orElseThrow(NotFound.of("farm"));
    }

    /**
     * Makes the farm of this database.
     *
     * @param coldestMonth usual mean of the coldest month, C; {@code warmestMonth} of the warmest
     * @param locale how its people read, and on which day a week begins
     * @param clock where the demo's clock stands, or null for a real farm
     */
    @Transactional
    public FarmView make(
            String name,
            LonLat spot,
            String timeZone,
            String currency,
            double coldestMonth,
            double warmestMonth,
            Locale locale,
            Instant clock) {
        if (farms.findFirstBy().isPresent()) {
            throw new Refused("name", name, "farm.there");
        }
        LonLat checked = LonLat.of(spot.lon(), spot.lat());
        ClimateNormals climate = climate(checked, coldestMonth, warmestMonth);
        return farms.save(new Farm(
                        name, checked, zone(timeZone), currency(currency), climate, locale, clock, stamps.now()))
                .view();
    }

    /** The made-up farm stands where one's own is to be. */
    @Transactional
    public void isSample() {
        farms.findFirstBy().orElseThrow(NotFound.of("farm")).becomeSample();
    }

    /**
     * The usual year of a spot from the means of two months, &deg;C: coldest in late January or late July, by its
     * hemisphere, and 4 &deg;C to either side of a day's mean.
     */
    public static ClimateNormals climate(LonLat spot, double coldestMonth, double warmestMonth) {
        MONTH.check("coldestMonth", coldestMonth);
        Range.of(coldestMonth, 45, "C").check("warmestMonth", warmestMonth);
        return new ClimateNormals(
                (coldestMonth + warmestMonth) / 2,
                (warmestMonth - coldestMonth) / 2,
                spot.lat() >= 0 ? COLDEST_DAY_NORTH : COLDEST_DAY_SOUTH,
                USUAL_HALF_SWING);
    }

    /** Says otherwise what the farm is and where it lies. */
    @GrowersWork
    @Transactional
    public FarmView change(int version, String reason, FarmFacts facts) {
        Farm farm = farms.findFirstBy().orElseThrow(NotFound.of("farm"));
        Clash.check(farm, version, farm.view());
        check(facts);
        Map<String, Object> before = farm.correctable();
        farm.change(facts);
        corrections.keep("farm", farm.id(), before, farm.correctable(), reason);
        return farms.saveAndFlush(farm).view();
    }

    /** @throws Refused naming what no farm can have */
    public void check(FarmFacts facts) {
        Range.of(1, 80, "characters").check("farm", facts.name().strip().length());
        LonLat.of(facts.spot().lon(), facts.spot().lat());
        zone(facts.timeZone());
        currency(facts.currency());
        if (!Reader.LOCALES.contains(facts.locale())) {
            throw new Refused("locale", facts.locale(), "account.locale", "locale", facts.locale());
        }
        if (facts.lastFrost() != null && facts.firstFrost() != null) {
            checkFrosts(facts.spot(), facts.lastFrost(), facts.firstFrost());
        } else if (facts.lastFrost() != facts.firstFrost()) {
            throw Refused.missing(facts.lastFrost() == null ? "lastFrost" : "firstFrost");
        }
    }

    /** Says when frost usually ends in spring and comes again in autumn; in the south that is early in the year. */
    @GrowersWork
    @Transactional
    public FarmView frosts(int version, MonthDay last, MonthDay first) {
        Farm farm = farms.findFirstBy().orElseThrow(NotFound.of("farm"));
        Clash.check(farm, version, farm.view());
        checkFrosts(farm.view().spot(), last, first);
        Map<String, Object> before = farm.frosts();
        farm.frosts(last, first);
        corrections.keep("farm", farm.id(), before, farm.frosts(), "usual frosts");
        return farms.saveAndFlush(farm).view();
    }

    /** Says what stands on every packet, a line each; at most four, as the local law asks. */
    @GrowersWork
    @Transactional
    public FarmView labelLines(int version, String lines) {
        Range.of(0, 300, "characters").check("labelLines", lines.strip().length());
        Range.of(0, 4, "lines").check("labelLines", (int) lines.strip().lines().count());
        Farm farm = farms.findFirstBy().orElseThrow(NotFound.of("farm"));
        Clash.check(farm, version, farm.view());
        String before = farm.view().labelLines();
        farm.labelLines(lines.strip());
        corrections.keep(
                "farm",
                farm.id(),
                Map.of("labelLines", before),
                Map.of("labelLines", lines.strip()),
                "what stands on every packet");
        return farms.saveAndFlush(farm).view();
    }

    private static void checkFrosts(LonLat spot, MonthDay last, MonthDay first) {
        boolean north = spot.lat() >= 0;
        if (north ? !last.isBefore(first) : !first.isBefore(last)) {
            throw new Refused("firstFrost", first, north ? "farm.frostNorth" : "farm.frostSouth");
        }
    }

    private static ZoneId zone(String id) {
        if (!ZoneId.getAvailableZoneIds().contains(id)) {
            throw new Refused("timeZone", id, "farm.timeZone", "zone", id);
        }
        return ZoneId.of(id);
    }

    private static String currency(String code) {
        boolean known = Currency.getAvailableCurrencies().stream()
                .anyMatch(currency -> currency.getCurrencyCode().equals(code));
        if (!known) {
            throw new Refused("currency", code, "farm.currency", "code", code);
        }
        return code;
    }
}
