package theriseed.server.stall;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;

interface CustomerRepository extends JpaRepository<Customer, UUID> {
    Optional<Customer> findByNameIgnoreCase(String name);

    @EntityGraph(attributePaths = "priceList")
    List<Customer> findTop500ByEndedOnIsNullOrderByName();

    @EntityGraph(attributePaths = "priceList")
    List<Customer> findByIdIn(Collection<UUID> ids);

    @EntityGraph(attributePaths = "priceList")
    Page<Customer> findAllByOrderByName(Pageable page);
}
