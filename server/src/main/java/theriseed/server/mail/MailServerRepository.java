package theriseed.server.mail;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MailServerRepository extends JpaRepository<MailServer, UUID> {
    Optional<MailServer> findFirstBy();
}
