package theriseed.server.struckout;

import java.util.UUID;

/** A record that was struck out. @param named what it was called */
public record StruckOutView(UUID id, StrikeOuts.Kind kind, UUID recordId, String named, String because) {}
