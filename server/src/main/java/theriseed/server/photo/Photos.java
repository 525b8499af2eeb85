package theriseed.server.photo;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.Range;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;

/** Keeps pictures small, shows them, and what is said of them. */
@Service
public class Photos {
    private static final int MOST_OF_ONE = 20;

    /** Some gigabytes. */
    private static final int MOST_IN_ALL = 20_000;

    private final PhotoRepository photos;
    private final List<Pictured> pictured;
    private final Corrections corrections;
    private final Once once;
    private final Stamps stamps;

    Photos(PhotoRepository photos, @Lazy List<Pictured> pictured, Corrections corrections, Once once, Stamps stamps) {
        this.photos = photos;
        this.pictured = pictured;
        this.corrections = corrections;
        this.once = once;
        this.stamps = stamps;
    }

    /** The pictures of these records, oldest first, those that were struck out too. */
    @ReadsOnly
    public Map<UUID, List<PhotoView>> of(Collection<UUID> subjects) {
        return subjects.isEmpty()
                ? Map.of()
                : photos.of(subjects).stream().collect(Collectors.groupingBy(PhotoView::subjectId));
    }

    /** The pictures of one record, oldest first. */
    @ReadsOnly
    public List<PhotoView> of(UUID subject) {
        return photos.of(List.of(subject));
    }

    /** Ids of all pictures there are. */
    @ReadsOnly
    public List<UUID> all() {
        return photos.allIds();
    }

    @ReadsOnly
    public byte[] jpeg(UUID id) {
        return photos.findById(id).map(Photo::jpeg).orElseThrow(NotFound.of("picture"));
    }

    /** Whether these are the bytes of a picture as it is kept here. */
    public static boolean isPicture(byte[] jpeg) {
        return SmallPicture.isOne(jpeg);
    }

    /** Keeps a picture of something; one with an id known already is the same picture sent again. */
    @HandsWork
    @Transactional
    public PhotoView keep(UUID id, UUID subject, byte[] file) {
        return once.record(id, () -> photos.findById(id), () -> {
                    if (pictured.stream().noneMatch(records -> records.mayHavePictures(subject))) {
                        throw new Refused("of", subject, "photo.ofNothing");
                    }
                    Range.of(0, MOST_IN_ALL - 1.0, "pictures")
                            .because("BEFORE_THIS_ONE")
                            .check("photo", (double) photos.count());
                    Range.of(0, MOST_OF_ONE - 1.0, "pictures")
                            .because("BEFORE_THIS_ONE")
                            .check("photo", (double) photos.countBySubjectId(subject));
                    return photos.save(new Photo(id, subject, SmallPicture.of(file), stamps.now()));
                })
                .view();
    }

    /**
     * Says what a picture shows, and whether it is struck out; what was said before is kept.
     *
     * @throws Refused when something that was said is changed without a reason
     */
    @HandsWork
    @Transactional
    public PhotoView say(UUID id, String caption, boolean struckOut, Changed made) {
        Photo photo = photos.findById(id).orElseThrow(NotFound.of("picture"));
        Clash.check(photo, made.from(), photo.view());
        Map<String, Object> before = photo.correctable();
        boolean firstWords = before.get("caption").equals("") && photo.view().struckOut() == struckOut;
        photo.say(caption.strip(), struckOut);
        if (!firstWords) {
            corrections.keep("photo", id, before, photo.correctable(), made.because());
        }
        return photos.saveAndFlush(photo).view();
    }
}
