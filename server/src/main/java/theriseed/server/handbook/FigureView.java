package theriseed.server.handbook;

import java.util.UUID;
import theriseed.core.crop.Figure;
import theriseed.server.base.Maybe;

/**
 * A figure of a crop: the general one, and the farm's own where it has one.
 *
 * @param id of the farm's own, once it had one
 * @param version 0 before it had one
 */
public record FigureView(
        Figure figure,
        String unit,
        @Maybe Double general,
        @Maybe Double own,
        @Maybe String reason,
        @Maybe UUID id,
        int version) {}
