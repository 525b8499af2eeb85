package theriseed.server.seedroom;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** What the air of a shelf was at a moment: &deg;C, and percent of relative humidity where that was read too. */
@Entity
class ShelfReading extends Recorded {
    private UUID shelfId;
    private Instant readAt;
    private double celsius;
    private Double humidity;
    private String source;

    protected ShelfReading() {}

    ShelfReading(UUID shelfId, Instant readAt, double celsius, Double humidity, String source, Stamp stamp) {
        super(stamp);
        this.shelfId = shelfId;
        this.readAt = readAt;
        this.celsius = Shelf.CELSIUS.check("celsius", celsius);
        this.humidity = humidity == null ? null : (Double) Shelf.HUMIDITY.check("humidity", humidity.doubleValue());
        this.source = source;
    }

    UUID shelfId() {
        return shelfId;
    }

    ShelfReadingView view() {
        return new ShelfReadingView(id(), readAt, celsius, humidity, source, recordedBy());
    }
}
