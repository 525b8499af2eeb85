package theriseed.server.stall;

import jakarta.persistence.QueryHint;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.hibernate.jpa.HibernateHints;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.jpa.repository.QueryHints;

interface SaleRepository extends JpaRepository<Sale, UUID> {
    /** Sales of one run, or of a lot's bulk, together. */
    record Together(UUID lotId, UUID packingRunId, Long packets, BigDecimal bulk, BigDecimal price) {}

    @Query("select new theriseed.server.stall.SaleRepository$Together(s.lotId, s.packingRunId, sum(s.packets),"
            + " sum(s.bulk), sum(s.price)) from Sale s where s.lotId in :lots group by s.lotId, s.packingRunId")
    List<Together> together(Collection<UUID> lots);

    /** Grams that left a lot. */
    record Grams(UUID lotId, BigDecimal mass) {}

    @Query("select new theriseed.server.stall.SaleRepository$Grams(s.lotId, sum(coalesce(s.bulk, s.packets * r.fill)))"
            + " from Sale s left join PackingRun r on r.id = s.packingRunId"
            + " where s.soldOn > :since group by s.lotId")
    List<Grams> grams(LocalDate since);

    /** What a lot was sold for. */
    record Earned(UUID lotId, BigDecimal money) {}

    @Query("select new theriseed.server.stall.SaleRepository$Earned(s.lotId, sum(s.price)) from Sale s"
            + " where s.lotId in :lots and s.soldOn > :since and s.price is not null group by s.lotId")
    List<Earned> earned(Collection<UUID> lots, LocalDate since);

    String LEFT = " from Sale s where s.lotId in :lots and (s.packets > 0 or s.bulk > 0)";

    @Query(
            "select new theriseed.server.stall.HolderView(s.customer.id, s.customer.name, s.lotId, coalesce(sum(s.packets), 0L),"
                    + " coalesce(sum(s.bulk), 0), min(s.soldOn), max(s.soldOn))" + LEFT
                    + " group by s.customer.id, s.customer.name, s.lotId order by s.customer.name, s.customer.id, min(s.soldOn), s.lotId")
    Slice<HolderView> holders(Collection<UUID> lots, Pageable page);

    /** What of each lot is with others, and, without a lot, what of all of them together. */
    @Query(
            "select new theriseed.server.stall.Sales$LeftLot(s.lotId, coalesce(sum(s.packets), 0L), coalesce(sum(s.bulk), 0),"
                    + " max(s.soldOn), count(distinct s.customer.id))" + LEFT + " group by rollup (s.lotId)")
    List<Sales.LeftLot> left(Collection<UUID> lots);

    @Query("select s.id from Sale s where s.lotId = :lot and s.version > 0")
    List<UUID> changed(UUID lot);

    @EntityGraph(attributePaths = "customer")
    @Query(
            "select s from Sale s where s.lotId = :lot and (s.packets > 0 or s.bulk > 0) order by s.soldOn desc, s.id desc")
    List<Sale> last(UUID lot, Limit limit);

    @Query("select min(s.soldOn) from Sale s where s.lotId = :lot and (s.packets > 0 or s.bulk > 0)")
    Optional<LocalDate> firstSold(UUID lot);

    @Query("select min(s.soldOn) from Sale s where s.packingRunId = :run and s.packets > 0")
    Optional<LocalDate> firstSoldOf(UUID run);

    /** Every sale, newest first, a thousand at a time; to be read within the transaction. */
    @QueryHints(@QueryHint(name = HibernateHints.HINT_FETCH_SIZE, value = "1000"))
    @Query(
            "select new theriseed.server.stall.ListedSale(cast(s.id as String), s.customer.name, cast(s.lotId as String),"
                    + " lower(cast(s.kind as String)), cast(s.soldOn as String), cast(s.packingRunId as String),"
                    + " cast(s.packets as String), cast(function('trim_scale', s.bulk) as String),"
                    + " cast(function('trim_scale', s.price) as String), s.note) from Sale s order by s.soldOn desc, s.id desc")
    Stream<ListedSale> listed();

    boolean existsByLotId(UUID lot);

    @EntityGraph(attributePaths = "customer")
    List<Sale> findByIdIn(Collection<UUID> ids);

    @EntityGraph(attributePaths = "customer")
    @Query("select s from Sale s order by s.soldOn desc, s.id desc")
    Slice<Sale> newest(Pageable page);
}
