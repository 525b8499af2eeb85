package theriseed.server.account;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface DoorTryRepository extends JpaRepository<DoorTry, UUID> {
    /** Tries of a name from a source, oldest first. */
    List<DoorTry> findByNameAndSourceAndTriedAtBetweenOrderByTriedAt(
            String name, String source, Instant since, Instant now);

    /** Tries from a source, of whatever name, oldest first. */
    List<DoorTry> findBySourceAndTriedAtBetweenOrderByTriedAt(String source, Instant since, Instant now);

    @Modifying
    @Query("delete from DoorTry where name = :name and source = :source")
    void forget(String name, String source);

    /** Those long ago, and those that a clock which was wrong has dated after now. */
    @Modifying
    @Query("delete from DoorTry where triedAt < :before or triedAt > :after")
    void forgetOutside(Instant before, Instant after);

    @Query(value = "select 1 from pg_advisory_xact_lock(hashtextextended(:source, 0))", nativeQuery = true)
    int oneAfterTheOther(String source);
}
