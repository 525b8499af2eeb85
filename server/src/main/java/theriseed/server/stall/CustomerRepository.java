package theriseed.server.stall;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
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

    /** Those that still are, in whose name and address all the patterns are found, by name. */
    @Query(value = """
                    select * from customer
                    where ended_on is null and lower(name || ' ' || address) like all(:patterns)
                    order by lower(name), id""", nativeQuery = true)
    List<Customer> searched(String[] patterns, Limit limit);

    @EntityGraph(attributePaths = "priceList")
    List<Customer> findByIdIn(Collection<UUID> ids);
}
