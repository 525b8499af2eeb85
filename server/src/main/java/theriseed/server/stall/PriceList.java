package theriseed.server.stall;

import jakarta.persistence.Entity;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;

/** Terms for some customers: so many percent of the price on the packet. */
@Entity
class PriceList extends Recorded {
    private String name;
    private double share;

    protected PriceList() {}

    PriceList(String name, double share, Stamp stamp) {
        super(stamp);
        change(name, share);
    }

    final void change(String name, double share) {
        Range.of(1, 60, "characters").check("name", name.strip().length());
        this.share = Range.of(0, 200, "% of the price on the packet").check("share", share);
        this.name = name.strip();
    }

    String name() {
        return name;
    }

    double share() {
        return share;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("name", name);
        facts.put("share", share);
        return facts;
    }

    PriceListView view(List<ListPriceView> prices) {
        return new PriceListView(id(), version(), name, share, prices);
    }
}
