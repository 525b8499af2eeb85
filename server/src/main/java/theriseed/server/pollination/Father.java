package theriseed.server.pollination;

import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/** A plant whose pollen was taken: its planting, and its number there. */
@Embeddable
public record Father(@NotNull UUID plantingId, @NotNull Integer plant) {}
