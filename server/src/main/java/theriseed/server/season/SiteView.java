package theriseed.server.season;

import java.util.List;
import java.util.UUID;
import theriseed.server.ground.Metres;

/** The ground a planting takes, part by part, as it is drawn. */
public record SiteView(UUID plantingId, List<List<Metres>> parts) {}
