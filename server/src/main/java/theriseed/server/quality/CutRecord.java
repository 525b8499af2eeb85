package theriseed.server.quality;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import theriseed.core.quality.CutResult;
import theriseed.server.base.Stamp;

/** Seed that was cut open. */
@Entity
@Table(name = "cut_test")
class CutRecord extends SeedTest {
    private LocalDate cutOn;
    private int sound;
    private int empty;
    private int eaten;
    private int shrunken;
    private String note;

    protected CutRecord() {}

    CutRecord(UUID lotId, CutFacts facts, Stamp stamp) {
        super(lotId, stamp);
        change(facts);
    }

    final void change(CutFacts facts) {
        CutResult.of(facts.sound(), facts.empty(), facts.eaten(), facts.shrunken());
        cutOn = facts.cutOn();
        sound = facts.sound();
        empty = facts.empty();
        eaten = facts.eaten();
        shrunken = facts.shrunken();
        note = facts.note().strip();
    }

    @Override
    LocalDate on() {
        return cutOn;
    }

    @Override
    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("cutOn", cutOn);
        facts.put("sound", sound);
        facts.put("empty", empty);
        facts.put("eaten", eaten);
        facts.put("shrunken", shrunken);
        facts.put("note", note);
        return facts;
    }

    @Override
    CutView view() {
        return new CutView(
                id(),
                version(),
                cutOn,
                sound,
                empty,
                eaten,
                shrunken,
                CutResult.of(sound, empty, eaten, shrunken),
                note,
                recordedBy());
    }
}
