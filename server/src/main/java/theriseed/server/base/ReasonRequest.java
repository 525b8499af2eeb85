package theriseed.server.base;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** Why something is done, where nothing else is to be said. */
public record ReasonRequest(@NotBlank @Size(max = 300) String reason) {}
