package theriseed.server.photo;

import jakarta.persistence.Entity;
import java.util.Map;
import java.util.UUID;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** A picture of something recorded, such as a walk, a lot, a test, or a variety as it should look. */
@Entity
class Photo extends Recorded {
    private UUID subjectId;
    private byte[] jpeg;
    private int width;
    private int height;
    private String caption = "";
    private boolean struckOut;

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

    /** What may be corrected of it. */
    Map<String, Object> correctable() {
        return Map.of("caption", caption, "struckOut", struckOut);
    }

    void say(String caption, boolean struckOut) {
        this.caption = caption;
        this.struckOut = struckOut;
    }

    PhotoView view() {
        return new PhotoView(id(), version(), subjectId, width, height, caption, struckOut, recordedAt(), recordedBy());
    }
}
