package theriseed.server.money;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MoneyRatesRepository extends JpaRepository<MoneyRates, UUID> {
    Optional<MoneyRates> findFirstBy();
}
