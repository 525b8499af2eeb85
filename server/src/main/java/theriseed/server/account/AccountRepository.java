package theriseed.server.account;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface AccountRepository extends JpaRepository<Account, UUID> {
    Optional<Account> findByFoldedName(String name);

    /** Whether no other transaction makes the first of them; until this one ends, none will. */
    @Query(value = "select pg_try_advisory_xact_lock(:key)", nativeQuery = true)
    boolean alone(long key);

    /** Locked until the transaction ends, so that two growers cannot end each other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("from Account where role = GROWER order by id")
    List<Account> growersHeld();
}
