package theriseed.server.account;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EntryLinkRepository extends JpaRepository<EntryLink, UUID> {
    List<EntryLink> findByAccountIdAndClosedAtIsNull(UUID account);

    List<EntryLink> findByClosedAtIsNullAndUntilAfter(Instant now);

    @Query("from EntryLink where digest = :digest and closedAt is null and until > :now")
    Optional<EntryLink> open(byte[] digest, Instant now);

    boolean existsByDigest(byte[] digest);
}
