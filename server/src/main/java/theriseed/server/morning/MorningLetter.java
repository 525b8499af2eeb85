package theriseed.server.morning;

import java.time.LocalTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import theriseed.core.day.DayCourse;
import theriseed.server.morning.MorningListView.Read;
import theriseed.server.today.Task;
import theriseed.server.today.Task.When;
import theriseed.server.today.ToDo;
import theriseed.server.words.Reader;
import theriseed.server.words.Sentences;

/**
 * The day's work as a letter, in the order of the day; what cannot wait comes first.
 *
 * @param leadsTo address of the farm
 */
record MorningLetter(String farm, String leadsTo, DayCourse day, List<Task> tasks, Reader reader) {
    Read read() {
        Map<String, Object> told =
                Map.of("farm", farm, "count", tasks.size(), "day", reader.now().toLocalDate());
        StringBuilder text = new StringBuilder(said("head", told)).append('\n');
        part(text, "urgent", Map.of(), Task::urgent);
        part(text, "wet", Map.of("dewOff", clock(day.dewOff())), at(When.WHILE_WET));
        part(text, "dry", Map.of("dewOff", clock(day.dewOff())), at(When.WHILE_DRY));
        part(text, "evening", Map.of("sunset", clock(day.sunset())), at(When.BY_EVENING));
        text.append('\n')
                .append(said("foot", Map.of("address", leadsTo + "/today")))
                .append('\n');
        return new Read(tasks.size(), said("subject", told), text.toString());
    }

    /** @param hours after midnight; 24 where the sun does not set */
    private static String clock(double hours) {
        long minutes = Math.min(Math.round(60 * hours), 24 * 60 - 1);
        return LocalTime.ofSecondOfDay(60 * minutes).toString();
    }

    private static Predicate<Task> at(When when) {
        return task -> !task.urgent() && task.when() == when;
    }

    private void part(StringBuilder text, String title, Map<String, ?> told, Predicate<Task> its) {
        List<Task> there = tasks.stream().filter(its).toList();
        if (there.isEmpty()) {
            return;
        }
        text.append('\n').append(said(title, told)).append('\n');
        there.forEach(task -> text.append("- ").append(line(task)).append('\n'));
    }

    /** What is to be done, where, and why. */
    private String line(Task task) {
        Map<String, Object> told = new LinkedHashMap<>(Sentences.named(task.toDo()));
        told.put("variety", task.variety());
        told.put("crop", task.crop());
        told.put("plot", task.plot());
        String what;
        String why;
        if (task.toDo() instanceof ToDo.Planned planned) {
            what = Sentences.say(reader, "work." + planned.work(), told);
            why = planned.about() == null
                    ? Sentences.say(reader, "workWhy." + planned.work(), told)
                    : planned.about().substring(0, 1).toUpperCase(reader.locale())
                            + planned.about().substring(1) + ".";
        } else {
            String kind = task.toDo().getClass().getSimpleName();
            what = Sentences.say(reader, "task.do." + kind, told);
            why = Sentences.say(reader, "task.why." + kind, told);
        }
        String where = Optional.ofNullable(task.lot()).orElse(task.plot());
        return what + (where.isEmpty() ? "" : " (" + where + ")") + ". " + why;
    }

    private String said(String key, Map<String, ?> told) {
        return Sentences.say(reader, "morning." + key, told);
    }
}
