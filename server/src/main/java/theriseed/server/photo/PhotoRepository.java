package theriseed.server.photo;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<Photo, UUID> {
    /** What is known of the pictures of these, without their bytes. */
    @Query("""
            select new theriseed.server.photo.PhotoView(
                p.id, p.version, p.subjectId, p.width, p.height, p.caption, p.struckOut, p.recordedAt, p.recordedBy)
            from Photo p where p.subjectId in :subjects order by p.id""")
    List<PhotoView> of(Collection<UUID> subjects);

    @Query("select p.id from Photo p order by p.id")
    List<UUID> allIds();

    long countBySubjectId(UUID subject);
}
