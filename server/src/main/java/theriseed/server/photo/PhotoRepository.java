package theriseed.server.photo;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<Photo, UUID> {
    /** Which pictures belong to what, without their bytes. */
    @Query("select p.subjectId as subject, p.id as id from Photo p where p.subjectId in :subjects order by p.id")
    List<Shown> of(Collection<UUID> subjects);

    interface Shown {
        UUID getSubject();

        UUID getId();
    }

    @Query("select p.id from Photo p order by p.id")
    List<UUID> allIds();

    long countBySubjectId(UUID subject);
}
