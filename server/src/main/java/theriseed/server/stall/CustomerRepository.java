package theriseed.server.stall;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CustomerRepository extends JpaRepository<Customer, UUID> {
    Optional<Customer> findByNameIgnoreCase(String name);

    List<Customer> findTop200ByOrderByName();
}
