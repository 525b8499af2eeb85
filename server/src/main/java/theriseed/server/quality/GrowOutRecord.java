package theriseed.server.quality;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.quality.GrowOut;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Stamp;

/** A sample that was sown and looked through as plants. */
@Entity
@Table(name = "grow_out_test")
class GrowOutRecord extends SeedTest {
    private LocalDate sownOn;
    private LocalDate examinedOn;
    private int plants;
    private int offTypes;
    private String note;

    protected GrowOutRecord() {}

    GrowOutRecord(UUID lotId, GrowOutFacts facts, LocalDate today, Stamp stamp) {
        super(lotId, stamp);
        change(facts, today);
    }

    final void change(GrowOutFacts facts, LocalDate today) {
        GrowOut.of(facts.plants(), facts.offTypes());
        SeasonDates.check("examinedOn", facts.examinedOn(), facts.sownOn().plusDays(1), today);
        sownOn = facts.sownOn();
        examinedOn = facts.examinedOn();
        plants = facts.plants();
        offTypes = facts.offTypes();
        note = facts.note().strip();
    }

    @Override
    LocalDate on() {
        return examinedOn;
    }

    @Override
    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("sownOn", sownOn);
        facts.put("examinedOn", examinedOn);
        facts.put("plants", plants);
        facts.put("offTypes", offTypes);
        facts.put("note", note);
        return facts;
    }

    @Override
    GrowOutView view() {
        return new GrowOutView(
                id(),
                version(),
                sownOn,
                examinedOn,
                plants,
                offTypes,
                GrowOut.of(plants, offTypes),
                note,
                recordedBy());
    }
}
