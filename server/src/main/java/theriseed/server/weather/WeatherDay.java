package theriseed.server.weather;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import org.springframework.data.domain.Persistable;
import theriseed.core.bloom.Weather;
import theriseed.server.base.Stamp;

/** Lowest and highest of one day, and where they come from. */
@Entity
class WeatherDay implements Persistable<LocalDate> {
    @Id
    private LocalDate day;

    private double low;
    private double high;
    private String source;
    private Instant recordedAt;
    private String recordedBy;

    @jakarta.persistence.Transient
    private boolean fresh;

    protected WeatherDay() {}

    WeatherDay(LocalDate day, Weather.Day air, String source, Stamp stamp) {
        this.day = day;
        this.low = air.low();
        this.high = air.high();
        this.source = source;
        this.recordedAt = stamp.at();
        this.recordedBy = stamp.by();
        this.fresh = true;
    }

    Weather.Day air() {
        return new Weather.Day(low, high);
    }

    String source() {
        return source;
    }

    LocalDate day() {
        return day;
    }

    void become(Weather.Day air, String source, Stamp stamp) {
        this.low = air.low();
        this.high = air.high();
        this.source = source;
        this.recordedAt = stamp.at();
        this.recordedBy = stamp.by();
    }

    @Override
    public LocalDate getId() {
        return day;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }
}
