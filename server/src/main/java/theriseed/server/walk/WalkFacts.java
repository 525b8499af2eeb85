package theriseed.server.walk;

import java.time.LocalDate;
import java.util.List;

/** What a walk found. Sick plants are not off-types. */
public record WalkFacts(String stage, LocalDate walkedOn, int lookedAt, List<OffType> offTypes, int sick, String note) {

    /** Plants of one kind that were not true. */
    public record OffType(String kind, int plants) {
        @Override
        public String toString() {
            return plants + " " + kind;
        }
    }

    int offTypesInAll() {
        return offTypes.stream().mapToInt(OffType::plants).sum();
    }
}
