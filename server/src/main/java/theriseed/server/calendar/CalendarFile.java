package theriseed.server.calendar;

import java.net.URI;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.fortuna.ical4j.model.ParameterList;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.parameter.Value;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.Name;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.RefreshInterval;
import net.fortuna.ical4j.model.property.Transp;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.Url;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import theriseed.server.words.Reader;
import theriseed.server.words.Sentences;

/**
 * The calendar as iCalendar text (RFC 5545, and RFC 7986 for its name and how often it is read again): all-day events that
 * keep their identity when their days move, and lead back to their planting. Read twice on a day it is the same twice.
 *
 * @param name what subscribers see it called
 * @param address of the farm, to which its events lead back
 * @param today when it is written
 * @param reminds how long after the beginning of an act's first day its reader is reminded, below 0 before it
 */
record CalendarFile(String name, String address, LocalDate today, Optional<Duration> reminds) {
    private static final String PLANNED = "Planned from the usual warmth; moves when the bloom does.";
    private static final Duration READ_AGAIN = Duration.ofHours(4);

    String of(List<Entry> entries) {
        net.fortuna.ical4j.model.Calendar file = new net.fortuna.ical4j.model.Calendar();
        file.add(new ProdId("-//Theriseed//Calendar//EN"));
        file.add(ImmutableVersion.VERSION_2_0);
        file.add(ImmutableCalScale.GREGORIAN);
        file.add(new Name(name));
        // The same again for programs older than RFC 7986.
        file.add(new XProperty("X-WR-CALNAME", name));
        file.add(new RefreshInterval(new ParameterList(List.of(Value.DURATION)), READ_AGAIN));
        file.add(new XProperty("X-PUBLISHED-TTL", READ_AGAIN.toString()));
        Map<String, Integer> before = new HashMap<>();
        for (Entry entry : entries) {
            // An act keeps its identity by being the first, second … of its kind for its planting.
            String what = entry.plantingId() + "-" + entry.kind();
            file.add(event(entry, what + "-" + before.merge(what, 1, Integer::sum)));
        }
        return file.toString();
    }

    private VEvent event(Entry entry, String identity) {
        String says = Sentences.say(
                Reader.ANYBODY, "work." + entry.kind(), Map.of("variety", entry.variety(), "crop", entry.crop()));
        VEvent event = new VEvent(entry.from(), entry.to().plusDays(1), says);
        event.removeAll("DTSTAMP");
        event.add(new DtStamp(today.atStartOfDay().toInstant(ZoneOffset.UTC)));
        event.add(new Uid(identity + "@theriseed"));
        event.add(new Location(entry.ground()));
        event.add(new Transp("TRANSPARENT"));
        event.add(new Url(URI.create(address + "/desk?season=" + entry.season() + "&planting=" + entry.plantingId())));
        String about = entry.about() + (entry.planned() ? (entry.about().isEmpty() ? "" : ". ") + PLANNED : "");
        if (!about.isEmpty()) {
            event.add(new Description(about));
        }
        reminds.filter(moment -> !entry.from().isBefore(today)).ifPresent(moment -> {
            VAlarm alarm = new VAlarm(moment);
            alarm.add(new Action("DISPLAY"));
            alarm.add(new Description(says));
            event.add(alarm);
        });
        return event;
    }
}
