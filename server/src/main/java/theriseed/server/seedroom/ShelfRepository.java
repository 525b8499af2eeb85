package theriseed.server.seedroom;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ShelfRepository extends JpaRepository<Shelf, UUID> {
    List<Shelf> findAllByOrderByName();

    Optional<Shelf> findByNameIgnoreCase(String name);
}
