package theriseed.server.account;

import java.time.Instant;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LoginAttemptRepository extends JpaRepository<LoginAttempt, UUID> {
    long countByNameIgnoreCaseAndTriedAtAfter(String name, Instant since);

    long countByAddressAndTriedAtAfter(String address, Instant since);

    void deleteByNameIgnoreCaseAndAddress(String name, String address);

    void deleteByTriedAtBefore(Instant before);
}
