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
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;

/** Keeps pictures small, and shows them. */
@Service
public class Photos {
    private static final int MOST_OF_ONE = 20;

    /** Some gigabytes. */
    private static final int MOST_IN_ALL = 20_000;

    private final PhotoRepository photos;
    private final List<Pictured> pictured;
    private final Once once;
    private final Stamps stamps;

    Photos(PhotoRepository photos, @Lazy List<Pictured> pictured, Once once, Stamps stamps) {
        this.photos = photos;
        this.pictured = pictured;
        this.once = once;
        this.stamps = stamps;
    }

    /** Ids of the pictures of these records, oldest first. */
    @ReadsOnly
    public Map<UUID, List<UUID>> of(Collection<UUID> subjects) {
        return subjects.isEmpty()
                ? Map.of()
                : photos.of(subjects).stream()
                        .collect(Collectors.groupingBy(
                                PhotoRepository.Shown::getSubject,
                                Collectors.mapping(PhotoRepository.Shown::getId, Collectors.toList())));
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
}
