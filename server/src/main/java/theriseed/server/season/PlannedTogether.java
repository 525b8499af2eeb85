package theriseed.server.season;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.server.base.Maybe;

/** What is planned otherwise at once: plantings, each with all that is planned for it, and what neighbours agreed to. */
public record PlannedTogether(
        @NotNull List<@NotNull @Valid Planned> plantings,
        @NotNull List<@NotNull @Valid Agreed> neighbours) {

    /** A planting as it would be planned, from the version that is in it. */
    public record Planned(@NotNull UUID id, @NotNull @Valid PlantingRequest then) {}

    /** @param by day by which it is to be cut; absent takes it back */
    public record Agreed(
            @NotNull UUID id,
            @NotNull Integer version,
            @Maybe LocalDate by) {}
}
