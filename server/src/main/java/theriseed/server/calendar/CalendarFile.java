package theriseed.server.calendar;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
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
import theriseed.core.season.SeasonWork.Kind;

/** The calendar as iCalendar text (RFC 5545): all-day events that keep their identity when their days move. */
final class CalendarFile {
    private static final Map<Kind, String> ACT = Map.ofEntries(
            Map.entry(Kind.SOW, "Sow"),
            Map.entry(Kind.PLANT, "Plant"),
            Map.entry(Kind.SET_OUT, "Set out"),
            Map.entry(Kind.STAKE, "Stake"),
            Map.entry(Kind.WALK, "Walk"),
            Map.entry(Kind.HOE_VOLUNTEERS, "Hoe out volunteers round"),
            Map.entry(Kind.COVER, "Cover the flowers of"),
            Map.entry(Kind.BRING_INSECTS, "Bring insects to"),
            Map.entry(Kind.CLOSE_BUDS, "Close buds in the evening, pollinate in the morning:"),
            Map.entry(Kind.UNCOVER, "Uncover"),
            Map.entry(Kind.WATCH_RIPENING, "Watch the ripening of"),
            Map.entry(Kind.PICK, "Pick"),
            Map.entry(Kind.LIFT, "Lift"),
            Map.entry(Kind.CHECK_STORE, "Look through the stored"),
            Map.entry(Kind.REPLANT, "Replant"),
            Map.entry(Kind.CLEAR, "Take off"));

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
                ACT.get(entry.kind()) + " " + entry.variety() + ", "
                        + entry.crop().toLowerCase(Locale.ROOT));
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
