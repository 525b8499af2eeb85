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
    @EntityGraph(attributePaths = "customer")
    List<Sale> findByLotIdIn(Collection<UUID> lots);

    /** What went to somebody in whose name, or in the note of it, all the patterns are found, newest first. */
    @Query(value = """
                    select s.* from sale s join customer c on c.id = s.customer_id
                    where lower(c.name || ' ' || s.note) like all(:patterns)
                        and (s.packets > 0 or s.bulk > 0)
                    order by s.sold_on desc, s.id desc""", nativeQuery = true)
    List<Sale> searched(String[] patterns, Limit limit);

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

    /** Who has some of a lot: by itself, or in a mix. */
    interface Holding {
        UUID getCustomerId();

        String getCustomer();

        UUID getLotId();

        String getMix();

        long getPackets();

        BigDecimal getBulk();

        LocalDate getFirstOn();

        LocalDate getLastOn();
    }

    @Query(value = """
                    select h.customer_id as "customerId", c.name as customer, h.lot_id as "lotId", m.number as mix,
                        sum(h.packets) as packets, sum(h.bulk) as bulk, min(h.sold_on) as "firstOn", max(h.sold_on) as "lastOn"
                    from handed_over h join customer c on c.id = h.customer_id left join mix m on m.id = h.mix_id
                    where h.lot_id in (:lots)
                    group by h.customer_id, c.name, h.lot_id, m.number
                    having sum(h.packets) <> 0 or sum(h.bulk) <> 0
                    order by c.name, h.customer_id, min(h.sold_on), h.lot_id, m.number""", nativeQuery = true)
    Slice<Holding> holders(Collection<UUID> lots, Pageable page);

    /** What of a lot is with others, by itself and in each mix; without a lot, what of all of them together. */
    interface Left {
        UUID getLotId();

        UUID getMixId();

        long getPackets();

        BigDecimal getBulk();

        LocalDate getLastOn();

        int getCustomers();
    }

    @Query(value = """
                    select lot_id as "lotId", mix_id as "mixId", coalesce(sum(packets), 0) as packets,
                        coalesce(sum(bulk), 0) as bulk, max(sold_on) as "lastOn", count(distinct customer_id) as customers
                    from handed_over where lot_id in (:lots)
                    group by grouping sets ((lot_id, mix_id), ())""", nativeQuery = true)
    List<Left> left(Collection<UUID> lots);

    /** What a lot brought. */
    interface Earned {
        UUID getLotId();

        BigDecimal getMoney();
    }

    @Query(value = """
                    select lot_id as "lotId", sum(price) as money from handed_over
                    where lot_id in (:lots) and mix_id is not null group by lot_id""", nativeQuery = true)
    List<Earned> broughtInMixes(Collection<UUID> lots);

    @Query(value = """
                    select lot_id as "lotId", sum(price) as money from handed_over
                    where lot_id in (:lots) and sold_on > :since group by lot_id""", nativeQuery = true)
    List<Earned> earned(Collection<UUID> lots, LocalDate since);

    @Query("select s.id from Sale s where s.lotId = :lot and s.version > 0")
    List<UUID> changed(UUID lot);

    @EntityGraph(attributePaths = "customer")
    @Query(
            "select s from Sale s where s.lotId = :lot and (s.packets <> 0 or s.bulk <> 0) order by s.soldOn desc, s.id desc")
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

    /** What came back of a sale, all below 0 or nothing. */
    record Back(int packets, BigDecimal bulk, BigDecimal price) {}

    @Query("select new theriseed.server.stall.SaleRepository$Back(cast(coalesce(sum(s.packets), 0) as Integer),"
            + " coalesce(sum(s.bulk), 0), coalesce(sum(s.price), 0)) from Sale s"
            + " where s.returnOfId = :sale and s.id <> :without")
    Back back(UUID sale, UUID without);

    boolean existsByLotId(UUID lot);

    @Query("select count(s) > 0 from Sale s where s.returnOfId in :sales and (s.packets <> 0 or s.bulk <> 0)")
    boolean anyBack(Collection<UUID> sales);

    @EntityGraph(attributePaths = "customer")
    List<Sale> findByIdIn(Collection<UUID> ids);

    @EntityGraph(attributePaths = "customer")
    @Query("select s from Sale s order by s.soldOn desc, s.id desc")
    Slice<Sale> newest(Pageable page);
}
