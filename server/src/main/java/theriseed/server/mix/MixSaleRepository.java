package theriseed.server.mix;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface MixSaleRepository extends JpaRepository<MixSale, UUID> {
    /** What of a mix is with others: packets of one packing, or grams. */
    record Gone(UUID mixId, UUID packingId, Long packets, BigDecimal bulk, BigDecimal price) {}

    @Query(
            "select new theriseed.server.mix.MixSaleRepository$Gone(s.mixId, s.mixPackingId, sum(s.packets), sum(s.bulk),"
                    + " sum(s.price)) from MixSale s where s.mixId in :mixes and (s.packets > 0 or s.bulk > 0)"
                    + " group by s.mixId, s.mixPackingId")
    List<Gone> gone(Collection<UUID> mixes);

    /** With how many customers some of a mix is. */
    @Query("select count(distinct s.customerId) from MixSale s where s.mixId = :mix and (s.packets > 0 or s.bulk > 0)")
    int customers(UUID mix);

    @Query(
            "select s from MixSale s where s.mixId = :mix and (s.packets > 0 or s.bulk > 0) order by s.soldOn desc, s.id desc")
    List<MixSale> last(UUID mix, Limit limit);
}
