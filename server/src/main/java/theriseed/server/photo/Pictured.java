package theriseed.server.photo;

import java.util.UUID;

/** Records that may have pictures. */
public interface Pictured {
    /** Whether there is such a record under this id. */
    boolean mayHavePictures(UUID id);
}
