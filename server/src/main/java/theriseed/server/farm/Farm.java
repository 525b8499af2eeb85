package theriseed.server.farm;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.MonthDay;
import java.time.ZoneId;
import java.time.temporal.WeekFields;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.ground.LonLat;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** The one farm of this database. */
@Entity
class Farm extends Recorded {
    private String name;
    private double lon;
    private double lat;
    private String timeZone;
    private String currency;
    private double climateMean;
    private double climateAmplitude;
    private int climateColdestDay;
    private double climateHalf;
    private String lastFrost;
    private String firstFrost;
    private String labelLines = "";
    private boolean demo;
    private boolean sample;
    private Instant clock;

    @Enumerated(EnumType.STRING)
    private ClimateFrom climateFrom = ClimateFrom.TYPED;

    @Enumerated(EnumType.STRING)
    private DayOfWeek weekBegins;

    private String locale;

    protected Farm() {}

    Farm(
            String name,
            LonLat spot,
            ZoneId zone,
            String currency,
            ClimateNormals climate,
            Locale locale,
            Instant clock,
            Stamp stamp) {
        super(stamp);
        this.name = name;
        this.lon = spot.lon();
        this.lat = spot.lat();
        this.timeZone = zone.getId();
        this.currency = currency;
        this.climateMean = climate.mean();
        this.climateAmplitude = climate.amplitude();
        this.climateColdestDay = climate.coldestDay();
        this.climateHalf = climate.half();
        this.locale = locale.toLanguageTag();
        this.weekBegins = WeekFields.of(locale).getFirstDayOfWeek();
        this.demo = clock != null;
        this.clock = clock;
    }

    void change(FarmFacts facts) {
        name = facts.name().strip();
        lon = facts.spot().lon();
        lat = facts.spot().lat();
        timeZone = facts.timeZone();
        currency = facts.currency();
        climateMean = facts.climate().mean();
        climateAmplitude = facts.climate().amplitude();
        climateColdestDay = facts.climate().coldestDay();
        climateHalf = facts.climate().half();
        climateFrom = facts.climateFrom();
        weekBegins = facts.weekBegins();
        locale = facts.locale();
        frosts(facts.lastFrost(), facts.firstFrost());
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = frosts();
        facts.put("name", name);
        facts.put("lat", lat);
        facts.put("lon", lon);
        facts.put("timeZone", timeZone);
        facts.put("currency", currency);
        facts.put("climate.mean", climateMean);
        facts.put("climate.amplitude", climateAmplitude);
        facts.put("climate.coldestDay", climateColdestDay);
        facts.put("climate.half", climateHalf);
        facts.put("climateFrom", climateFrom);
        facts.put("weekBegins", weekBegins);
        facts.put("locale", locale);
        return facts;
    }

    void frosts(MonthDay last, MonthDay first) {
        this.lastFrost = last == null ? null : last.toString();
        this.firstFrost = first == null ? null : first.toString();
    }

    Map<String, Object> frosts() {
        Map<String, Object> days = new LinkedHashMap<>();
        days.put("lastFrost", lastFrost);
        days.put("firstFrost", firstFrost);
        return days;
    }

    void becomeSample() {
        sample = true;
    }

    void labelLines(String lines) {
        labelLines = lines;
    }

    ZoneId zone() {
        return ZoneId.of(timeZone);
    }

    Instant clock() {
        return clock;
    }

    FarmView view() {
        return new FarmView(
                version(),
                name,
                new LonLat(lon, lat),
                timeZone,
                currency,
                new ClimateNormals(climateMean, climateAmplitude, climateColdestDay, climateHalf),
                lastFrost == null ? null : MonthDay.parse(lastFrost),
                firstFrost == null ? null : MonthDay.parse(firstFrost),
                labelLines,
                climateFrom,
                weekBegins,
                locale,
                demo,
                sample);
    }
}
