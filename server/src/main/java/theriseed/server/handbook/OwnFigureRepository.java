package theriseed.server.handbook;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import theriseed.core.crop.Figure;

interface OwnFigureRepository extends JpaRepository<OwnFigure, UUID> {
    List<OwnFigure> findByValueNotNull();

    List<OwnFigure> findByCropKey(String cropKey);

    Optional<OwnFigure> findByCropKeyAndFigure(String cropKey, Figure figure);
}
