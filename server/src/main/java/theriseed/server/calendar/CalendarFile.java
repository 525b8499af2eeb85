package theriseed.server.calendar;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Transp;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import theriseed.server.words.Reader;
import theriseed.server.words.Sentences;

/** The calendar as iCalendar text (RFC 5545): all-day events that keep their identity when their days move. */
final class CalendarFile {
    private static final String PLANNED = "Planned from the usual warmth; moves when the bloom does.";

    private CalendarFile() {}

    /** @param now when it is written */
    static String of(List<Entry> entries, Instant now) {
        net.fortuna.ical4j.model.Calendar file = new net.fortuna.ical4j.model.Calendar();
        file.add(new ProdId("-//Theriseed//Calendar//EN"));
        file.add(ImmutableVersion.VERSION_2_0);
        file.add(ImmutableCalScale.GREGORIAN);
        Map<String, Integer> before = new HashMap<>();
        for (Entry entry : entries) {
            // An act keeps its identity by being the first, second … of its kind for its planting.
            String what = entry.plantingId() + "-" + entry.kind();
            file.add(event(entry, what + "-" + before.merge(what, 1, Integer::sum), now));
        }
        return file.toString();
    }

    private static VEvent event(Entry entry, String identity, Instant now) {
        VEvent event = new VEvent(
                entry.from(),
                entry.to().plusDays(1),
                Sentences.say(
                        Reader.ANYBODY,
                        "work." + entry.kind(),
                        Map.of("variety", entry.variety(), "crop", entry.crop())));
        event.removeAll("DTSTAMP");
        event.add(new DtStamp(now));
        event.add(new Uid(identity + "@theriseed"));
        event.add(new Location(entry.ground()));
        event.add(new Transp("TRANSPARENT"));
        String about = entry.about() + (entry.planned() ? (entry.about().isEmpty() ? "" : ". ") + PLANNED : "");
        if (!about.isEmpty()) {
            event.add(new Description(about));
        }
        return event;
    }
}
