package theriseed.server.season;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/** A bed, or the part of it from so many metres along to so many. */
public record Stretch(
        @NotNull UUID bedId, @NotNull Double from, @NotNull Double to) {}
