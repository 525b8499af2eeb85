package theriseed.server.account;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KnownDeviceRepository extends JpaRepository<KnownDevice, UUID> {
    @Query("select d from KnownDevice d, Account a where d.digest = :digest and d.accountId = a.id"
            + " and a.foldedName = :name")
    Optional<KnownDevice> of(byte[] digest, String name);
}
