package theriseed.server.season;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import theriseed.core.crop.Grade;

/**
 * What a planting is for.
 *
 * @param grade of its seed
 * @param flowers whether it is let flower; always for seed, and for fruit that is eaten
 */
@Embeddable
public record Aim(
        @Enumerated(EnumType.STRING) Purpose purpose,
        @Enumerated(EnumType.STRING) Grade grade,
        boolean flowers) {
    public static Aim seed(Grade grade) {
        return new Aim(Purpose.SEED, grade, true);
    }

    boolean forSeed() {
        return purpose == Purpose.SEED;
    }
}
