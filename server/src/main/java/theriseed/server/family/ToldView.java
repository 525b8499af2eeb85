package theriseed.server.family;

import java.time.LocalDate;
import java.util.UUID;

/** When and how somebody was told of a recall. */
public record ToldView(UUID id, int version, LocalDate toldOn, String how, String recordedBy) {}
