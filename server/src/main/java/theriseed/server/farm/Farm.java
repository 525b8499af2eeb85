package theriseed.server.farm;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.time.MonthDay;
import java.time.ZoneId;
import java.util.LinkedHashMap;
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
    private Instant clock;

    protected Farm() {}

    Farm(String name, LonLat spot, ZoneId zone, String currency, ClimateNormals climate, Instant clock, Stamp stamp) {
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
        this.demo = clock != null;
        this.clock = clock;
    }

    void frosts(MonthDay last, MonthDay first) {
        this.lastFrost = last.toString();
        this.firstFrost = first.toString();
    }

    Map<String, Object> frosts() {
        Map<String, Object> days = new LinkedHashMap<>();
        days.put("lastFrost", lastFrost);
        days.put("firstFrost", firstFrost);
        return days;
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
                demo);
    }
}
