package theriseed.server.stall;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CustomerRepository extends JpaRepository<Customer, UUID> {
    /** Written as the index on names is. */
    @Query("select c from Customer c where lower(c.name) = lower(:name)")
    Optional<Customer> findByNameIgnoreCase(String name);

    @EntityGraph(attributePaths = "priceList")
    List<Customer> findTop500ByEndedOnIsNullOrderByName();

    @EntityGraph(attributePaths = "priceList")
    Page<Customer> findByEndedOnIsNullOrderByNameAscIdAsc(Pageable page);

    @EntityGraph(attributePaths = "priceList")
    List<Customer> findByIdIn(Collection<UUID> ids);
}
