package theriseed.server.season;

import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** What a true plant of the variety looks like, point by point; an empty point was not written yet. */
@Embeddable
public record TrueToType(
        @NotNull @Size(max = 200) String leaf,
        @NotNull @Size(max = 200) String habit,
        @NotNull @Size(max = 200) String colour,
        @NotNull @Size(max = 200) String maturity,
        @NotNull @Size(max = 200) String root,
        @NotNull @Size(max = 200) String fruit) {
    public static final TrueToType NOT_WRITTEN = new TrueToType("", "", "", "", "", "");
}
