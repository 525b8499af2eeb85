package theriseed.server.handbook;

import java.util.List;
import java.util.UUID;
import theriseed.server.base.Maybe;

/**
 * A crop of the farm's own as others see it.
 *
 * @param like key of the crop it was begun from, and {@code likeName} its name
 */
public record OwnCropView(UUID id, int version, String key, String like, String likeName, List<Cell> cells) {

    /**
     * A column of the crop tables.
     *
     * @param usual what stands there for the crop it is like
     * @param own what stands there for it; absent where it is as usual
     */
    public record Cell(String column, String usual, @Maybe String own) {}
}
