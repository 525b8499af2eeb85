package theriseed.core.isolation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicReferenceArray;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import theriseed.core.crop.Grade;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;

/**
 * The threats to the seed crops of a season. Stands are found by crossing group and by where they stand, so that a
 * season of n stands over ground that grows with it costs about n log n; a change to one stand costs only what it touches.
 */
public final class SeasonThreats {
    /** The index stands on one plane for the whole farm, which is this much too crude for distances. */
    private static final double PLANE_SLACK = 0.01;

    /** Where more than this share of the stands is new, little is won by taking over the rest. */
    private static final double MOST_NEW = 0.1;

    /** In the index, of stands of which nobody knows what they are. */
    private static final String ANYTHING = "";

    private final List<Stand> stands;
    private final Barriers barriers;
    private final LocalPlane plane;
    private final Map<String, STRtree> byGroup = new HashMap<>();
    private final Map<Integer, Threats> judged = new ConcurrentHashMap<>();
    private final List<Integer> seedCrops = new ArrayList<>();
    private final Envelope[] boxes;
    private final AtomicReferenceArray<Envelope> reaches;

    private SeasonThreats(List<Stand> stands, Barriers barriers) {
        this.stands = stands;
        this.barriers = barriers;
        this.boxes = new Envelope[stands.size()];
        this.reaches = new AtomicReferenceArray<>(stands.size());
        this.plane = LocalPlane.at(
                stands.isEmpty()
                        ? new LonLat(0, 0)
                        : stands.get(0).site().parts().get(0).corners().get(0));
    }

    /** @param stands own and neighbours', each known by its place in this list */
    public static SeasonThreats of(List<Stand> stands, Barriers barriers) {
        SeasonThreats season = new SeasonThreats(List.copyOf(stands), barriers);
        season.index();
        for (int i = 0; i < stands.size(); i++) {
            if (stands.get(i).grade().isPresent()) {
                season.seedCrops.add(i);
            }
        }
        return season;
    }

    /**
     * The same where a season is mostly as one that was judged before: what stands that are the same objects in both do
     * to each other is taken over from it, and only what touches the others is calculated.
     */
    public static SeasonThreats of(List<Stand> stands, Barriers barriers, SeasonThreats before) {
        SeasonThreats season = of(stands, barriers);
        if (barriers.same(before.barriers)) {
            season.takeOver(before);
        }
        return season;
    }

    private void takeOver(SeasonThreats before) {
        Map<Stand, Integer> numbers = new IdentityHashMap<>();
        for (int i = 0; i < stands.size(); i++) {
            numbers.put(stands.get(i), i);
        }
        int[] now = new int[before.stands.size()];
        for (int i = 0; i < now.length; i++) {
            Integer number = numbers.remove(before.stands.get(i));
            now[i] = number == null ? -1 : number;
        }
        if (numbers.size() > stands.size() * MOST_NEW) {
            return;
        }
        Map<Integer, Stand> others = new TreeMap<>();
        numbers.forEach((stand, number) -> others.put(number, stand));
        before.judged.entrySet().parallelStream()
                .filter(was -> now[was.getKey()] >= 0)
                .forEach(was -> judged.put(now[was.getKey()], was.getValue().among(now, others, barriers)));
    }

    /** Threats to the seed crop at this place in the list, calculated when they are first asked for. */
    public Threats to(int stand) {
        Threats known = judged.get(stand);
        if (known == null) {
            known = judge(stand, stands.get(stand));
            judged.put(stand, known);
        }
        return known;
    }

    /**
     * The verdict if the seed were of a grade that asks no more: what is clear stays clear.
     *
     * @param judged threats of this season
     */
    public Verdict verdictAt(Threats judged, Grade lower) {
        return judged.verdict() == Verdict.CLEAR
                ? Verdict.CLEAR
                : judged.at(lower, barriers).verdict();
    }

    /** Calculates the threats to every seed crop at once, on all processors; each is then at hand. */
    public SeasonThreats all() {
        seedCrops.parallelStream().forEach(this::to);
        return this;
    }

    /** Places of the stands that seed is saved from. */
    public List<Integer> seedCrops() {
        return seedCrops;
    }

    public List<Stand> stands() {
        return stands;
    }

    /**
     * What it would mean if one stand were otherwise: its own threats, and those of every seed crop that it threatens now
     * or then.
     */
    public Map<Integer, Threats> with(int changed, Stand then) {
        return with(Map.of(changed, then));
    }

    /** The same of several stands that are otherwise at once. */
    public Map<Integer, Threats> with(Map<Integer, Stand> then) {
        List<Changed> changed = new ArrayList<>();
        then.forEach((number, stand) ->
                changed.add(new Changed(number, stands.get(number), stand, boxes[number], box(stand))));
        Map<Integer, Threats> touched = new TreeMap<>();
        then.forEach((number, own) -> {
            if (own.grade().isPresent()) {
                Threats judged = judge(number, own);
                touched.put(
                        number,
                        withOthers(judged, number, own, reach(own), changed).orElse(judged));
            }
        });
        for (int number : seedCrops) {
            if (!then.containsKey(number)) {
                withOthers(null, number, stands.get(number), reach(number), changed)
                        .ifPresent(judged -> touched.put(number, judged));
            }
        }
        return touched;
    }

    /** A stand that would be otherwise, and where it is and would be. */
    private record Changed(int number, Stand now, Stand then, Envelope nowAt, Envelope thenAt) {
        /** Whether its pollen comes to a stand as it is, or as it would be. */
        boolean touches(Stand recipient, Envelope reach) {
            return reach.intersects(nowAt) && recipient.takesPollenOf(now) > 0
                    || reach.intersects(thenAt) && recipient.takesPollenOf(then) > 0;
        }
    }

    /** Threats to a stand among changed ones; nothing where none of them touches it. @param judged null for as they are */
    private Optional<Threats> withOthers(
            Threats judged, int number, Stand recipient, Envelope reach, List<Changed> changed) {
        Threats threats = judged;
        for (Changed other : changed) {
            if (other.number() != number && other.touches(recipient, reach)) {
                threats = (threats == null ? to(number) : threats)
                        .with(other.number(), Optional.of(other.then()), barriers);
            }
        }
        return Optional.ofNullable(threats);
    }

    /** Whether a seed crop's verdict is worse then than it is. */
    public boolean worsens(int stand, Threats then) {
        return then.verdict().compareTo(to(stand).verdict()) > 0;
    }

    private void index() {
        for (int i = 0; i < stands.size(); i++) {
            boxes[i] = box(stands.get(i));
            Stand stand = stands.get(i);
            byGroup.computeIfAbsent(stand.anything() ? ANYTHING : stand.crop().crossingGroup(), group -> new STRtree())
                    .insert(boxes[i], i);
        }
        byGroup.values().forEach(STRtree::build);
    }

    private Threats judge(int number, Stand recipient) {
        Threats.Scale scale = Threats.Scale.of(recipient);
        Envelope here = box(recipient);
        Envelope reach = reach(here, scale);
        Map<Integer, Stand> sources = new HashMap<>();
        List<String> groups = new ArrayList<>(recipient.crop().crossesWith().keySet());
        groups.add(recipient.crop().crossingGroup());
        groups.add(ANYTHING);
        for (String group : groups) {
            STRtree found = byGroup.get(group);
            if (found != null) {
                for (Object near : found.query(reach)) {
                    int source = (Integer) near;
                    Stand other = stands.get(source);
                    if (!scale.leavesOut(recipient, other, atLeast(here, boxes[source]))) {
                        sources.put(source, other);
                    }
                }
            }
        }
        sources.remove(number);
        return Threats.to(recipient, sources, barriers);
    }

    private Envelope reach(int number) {
        Envelope known = reaches.get(number);
        if (known == null) {
            known = reach(stands.get(number));
            reaches.set(number, known);
        }
        return known;
    }

    private Envelope reach(Stand recipient) {
        return reach(box(recipient), Threats.Scale.of(recipient));
    }

    private static Envelope reach(Envelope around, Threats.Scale scale) {
        Envelope reach = new Envelope(around);
        reach.expandBy((scale.reach() + farthest(around) * PLANE_SLACK) * (1 + PLANE_SLACK));
        return reach;
    }

    private static double farthest(Envelope box) {
        return Math.max(
                Math.max(Math.abs(box.getMaxX()), Math.abs(box.getMinX())),
                Math.max(Math.abs(box.getMaxY()), Math.abs(box.getMinY())));
    }

    /** Metres that two stands surely are apart, by their boxes. */
    private static double atLeast(Envelope here, Envelope there) {
        double east = Math.max(here.getMinX() - there.getMaxX(), there.getMinX() - here.getMaxX());
        double north = Math.max(here.getMinY() - there.getMaxY(), there.getMinY() - here.getMaxY());
        double between = Math.sqrt(square(Math.max(0, east)) + square(Math.max(0, north)));
        double crude = between * (1 - PLANE_SLACK) - Math.max(farthest(here), farthest(there)) * PLANE_SLACK;
        return Math.max(0, crude);
    }

    private static double square(double metres) {
        return metres * metres;
    }

    /** The box within which a stand surely lies, though its edges may be off. */
    private Envelope box(Stand stand) {
        Envelope box = new Envelope();
        for (Place part : stand.site().parts()) {
            for (LonLat corner : part.corners()) {
                Coordinate at = plane.metres(corner);
                box.expandToInclude(at);
            }
        }
        box.expandBy(stand.positionError());
        return box;
    }
}
