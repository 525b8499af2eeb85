package theriseed.server.lot;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface LotKeptRepository extends Repository<LotKept, UUID> {
    /** Each of these lots with its state. */
    @Query(value = "select lot_id, state from lot_kept where lot_id = any(:lots)", nativeQuery = true)
    List<Object[]> states(UUID[] lots);

    /** What is left of these lots. */
    @Query(
            value = "select lot_id as \"lotId\", bulk, packets from lot_kept where lot_id = any(:lots)",
            nativeQuery = true)
    List<Left> left(UUID[] lots);

    /** What is left of a lot. */
    interface Left {
        UUID getLotId();

        BigDecimal getBulk();

        long getPackets();
    }

    String HERE = """
             from LotKept k join Lot l on l.id = k.lotId
            where (k.bulk is null or k.bulk > 0 or k.packets > 0 or k.testing)
                and l.season >= :since
                and (k.bulk > 0 or k.packets > 0 or k.testing or l.season >= :lately)
            order by l.season desc, l.number""";

    String AS_FILLED = """
            select new theriseed.server.lot.FilledLot(
                l.id, l.plantingId, l.varietyId, l.season, l.origin = theriseed.server.lot.Origin.PICKED, k.state, k.clean)
            """;

    /**
     * Lots of which less was taken than there was when they were last weighed, so those at the bench too, or whose
     * packets did not all go; those a test is on of; and those of lately that nothing was picked into yet. Newest first.
     */
    @Query("select l" + HERE)
    List<Lot> here(int since, int lately);

    /** The same lots, with whether they are clean. */
    @Query(AS_FILLED + HERE)
    List<FilledLot> filledHere(int since, int lately);

    /** Lots of these varieties of which some is left in bulk, oldest first. */
    @Query("""
            select l from LotKept k join Lot l on l.id = k.lotId
            where k.bulk > 0 and l.varietyId in :varieties
            order by l.season, l.number""")
    List<Lot> inBulk(Collection<UUID> varieties);

    /** Lots that anything was ever in. */
    @Query(AS_FILLED + "from LotKept k join Lot l on l.id = k.lotId where k.bulk is not null and l.season >= :since")
    List<FilledLot> filled(int since);

    @Modifying
    @Query(value = "update lot_kept set clean = :clean where state = any(:states)", nativeQuery = true)
    void keepClean(UUID[] states, boolean clean);
}
