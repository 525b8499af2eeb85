package theriseed.server.season;

import jakarta.persistence.Embeddable;
import java.time.LocalDate;
import java.util.Optional;
import theriseed.core.bloom.BloomSeen;
import theriseed.core.bloom.GrowingDays;

/**
 * The days of a planting; all but the first may be null.
 *
 * @param setOutOn when plants raised under glass go out
 * @param liftedOn when roots are lifted for the store
 * @param replantedOn when they are planted again to seed
 * @param clearedOn last day on the ground, for what is eaten
 */
@Embeddable
public record PlantingDays(
        LocalDate sownOn, LocalDate setOutOn, LocalDate liftedOn, LocalDate replantedOn, LocalDate clearedOn) {
    public static PlantingDays sown(LocalDate sownOn, LocalDate setOutOn) {
        return new PlantingDays(sownOn, setOutOn, null, null, null);
    }

    GrowingDays growing(LocalDate firstFlowerOn, BloomSeen looks) {
        return new GrowingDays(
                sownOn,
                Optional.ofNullable(setOutOn),
                Optional.ofNullable(liftedOn),
                Optional.ofNullable(replantedOn),
                Optional.ofNullable(firstFlowerOn),
                looks);
    }

    /** First day on the ground it seeds on. */
    public LocalDate onGroundFrom() {
        return replantedOn != null ? replantedOn : setOutOn != null ? setOutOn : sownOn;
    }

    PlantingDays later(int days) {
        return new PlantingDays(
                sownOn.plusDays(days),
                setOutOn == null ? null : setOutOn.plusDays(days),
                liftedOn,
                replantedOn,
                clearedOn == null ? null : clearedOn.plusDays(days));
    }

    PlantingDays replantedLater(int days) {
        return new PlantingDays(sownOn, setOutOn, liftedOn, replantedOn.plusDays(days), clearedOn);
    }

    /** Lifted and planted again on one day. */
    PlantingDays replantedOn(LocalDate day) {
        return new PlantingDays(sownOn, setOutOn, day, day, clearedOn);
    }

    PlantingDays nextYear() {
        return new PlantingDays(
                sownOn.plusYears(1),
                setOutOn == null ? null : setOutOn.plusYears(1),
                liftedOn == null ? null : liftedOn.plusYears(1),
                replantedOn == null ? null : replantedOn.plusYears(1),
                clearedOn == null ? null : clearedOn.plusYears(1));
    }

    PlantingDays clearedBy(LocalDate day) {
        return new PlantingDays(sownOn, setOutOn, liftedOn, replantedOn, day);
    }
}
