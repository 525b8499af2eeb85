package theriseed.server.weather;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Transient;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import org.springframework.data.domain.Persistable;
import theriseed.server.base.Stamp;

/** What somebody typed of a day to come: the chance of rain, 0 to 1, and how many millimetres, 0 where nobody says. */
@Entity
class ForetoldDay implements Persistable<LocalDate> {
    @Id
    private LocalDate day;

    private BigDecimal chance;
    private BigDecimal rain;
    private Instant recordedAt;
    private String recordedBy;

    @Transient
    private boolean fresh;

    protected ForetoldDay() {}

    ForetoldDay(LocalDate day) {
        this.day = day;
        this.fresh = true;
    }

    void become(BigDecimal chance, BigDecimal rain, Stamp stamp) {
        this.chance = chance;
        this.rain = rain;
        this.recordedAt = stamp.at();
        this.recordedBy = stamp.by();
    }

    LocalDate day() {
        return day;
    }

    double chance() {
        return chance.doubleValue();
    }

    double rain() {
        return rain.doubleValue();
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
