package theriseed.server.photo;

import jakarta.persistence.Entity;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A picture of something recorded: a walk, a planting, a lot, a test, or a variety as it should look. */
@Entity
class Photo extends Recorded {
    private UUID subjectId;
    private byte[] jpeg;
    private int width;
    private int height;

    protected Photo() {}

    Photo(UUID id, UUID subjectId, SmallPicture picture, Stamp stamp) {
        super(id, stamp);
        this.subjectId = subjectId;
        this.jpeg = picture.jpeg();
        this.width = picture.width();
        this.height = picture.height();
    }

    byte[] jpeg() {
        return jpeg;
    }

    PhotoView view() {
        return new PhotoView(id(), subjectId, width, height, recordedAt(), recordedBy());
    }
}
