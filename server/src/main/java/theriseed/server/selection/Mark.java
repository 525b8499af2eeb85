package theriseed.server.selection;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/** A score of one plant or plot. */
public record Mark(@NotNull UUID subjectId, @NotNull Double value) {
    @Override
    public String toString() {
        return String.valueOf(value);
    }
}
