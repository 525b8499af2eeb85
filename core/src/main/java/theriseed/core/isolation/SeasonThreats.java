package theriseed.core.isolation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import theriseed.core.crop.Grade;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.ground.Site;

/**
 * The threats to the seed crops of a season. Stands are found by crossing group and by where they stand, so that a
 * season of n stands over ground that grows with it costs about n log n; a change to one stand costs only what it touches.
 */
public final class SeasonThreats {
    /** The index stands on one plane for the whole farm, which is this much too crude for distances. */
    private static final double PLANE_SLACK = 0.01;

    /** Both edges of a pair together may be off by this much. */
    private static final double LARGEST_ERROR_M = 1000;

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
    private final Map<Integer, Envelope> reaches = new ConcurrentHashMap<>();
    private final Envelope[] boxes;

    private SeasonThreats(List<Stand> stands, Barriers barriers) {
        this.stands = stands;
        this.barriers = barriers;
        this.boxes = new Envelope[stands.size()];
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
        return judged.computeIfAbsent(stand, number -> judge(number, stands.get(number)));
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
        Map<Integer, Threats> touched = new TreeMap<>();
        for (int number : then.keySet()) {
            Stand own = then.get(number);
            if (own.grade().isPresent()) {
                Threats judged = judge(number, own);
                touched.put(number, withOthers(judged, number, own, then).orElse(judged));
            }
        }
        for (int number : seedCrops) {
            if (!then.containsKey(number)) {
                withOthers(null, number, stands.get(number), then).ifPresent(judged -> touched.put(number, judged));
            }
        }
        return touched;
    }

    /** Threats to a stand among changed ones; nothing where none of them touches it. @param judged null for as they are */
    private Optional<Threats> withOthers(Threats judged, int number, Stand recipient, Map<Integer, Stand> then) {
        Threats threats = judged;
        for (Map.Entry<Integer, Stand> other : then.entrySet()) {
            int changed = other.getKey();
            if (changed != number && touches(number, recipient, stands.get(changed), other.getValue())) {
                threats =
                        (threats == null ? to(number) : threats).with(changed, Optional.of(other.getValue()), barriers);
            }
        }
        return Optional.ofNullable(threats);
    }

    /** Whether a source can reach a stand as it is, or as it would be. */
    private boolean touches(int number, Stand recipient, Stand now, Stand then) {
        Envelope reach = recipient == stands.get(number) ? reach(number) : reach(recipient);
        return recipient.takesPollenOf(now) > 0 && reach.intersects(box(now.site()))
                || recipient.takesPollenOf(then) > 0 && reach.intersects(box(then.site()));
    }

    /** Whether a seed crop's verdict is worse then than it is. */
    public boolean worsens(int stand, Threats then) {
        return then.verdict().compareTo(to(stand).verdict()) > 0;
    }

    private void index() {
        for (int i = 0; i < stands.size(); i++) {
            boxes[i] = box(stands.get(i).site());
            Stand stand = stands.get(i);
            byGroup.computeIfAbsent(stand.anything() ? ANYTHING : stand.crop().crossingGroup(), group -> new STRtree())
                    .insert(boxes[i], i);
        }
        byGroup.values().forEach(STRtree::build);
    }

    private Threats judge(int number, Stand recipient) {
        Threats.Scale scale = Threats.Scale.of(recipient);
        Envelope here = box(recipient.site());
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
                    if (!scale.leavesOut(
                            recipient,
                            other,
                            atLeast(here, boxes[source], recipient.positionError() + other.positionError()))) {
                        sources.put(source, other);
                    }
                }
            }
        }
        sources.remove(number);
        return Threats.to(recipient, sources, barriers);
    }

    private Envelope reach(int number) {
        return reaches.computeIfAbsent(number, place -> reach(stands.get(place)));
    }

    private Envelope reach(Stand recipient) {
        return reach(box(recipient.site()), Threats.Scale.of(recipient));
    }

    private static Envelope reach(Envelope around, Threats.Scale scale) {
        Envelope reach = new Envelope(around);
        reach.expandBy((scale.reach() + LARGEST_ERROR_M + farthest(around) * PLANE_SLACK) * (1 + PLANE_SLACK));
        return reach;
    }

    private static double farthest(Envelope box) {
        return Math.max(
                Math.max(Math.abs(box.getMaxX()), Math.abs(box.getMinX())),
                Math.max(Math.abs(box.getMaxY()), Math.abs(box.getMinY())));
    }

    /** Metres that two stands surely are apart, even where their edges are off by an error. */
    private static double atLeast(Envelope here, Envelope there, double error) {
        double crude = here.distance(there) * (1 - PLANE_SLACK)
                - Math.max(farthest(here), farthest(there)) * PLANE_SLACK
                - error;
        return Math.max(0, crude);
    }

    private Envelope box(Site site) {
        Envelope box = new Envelope();
        for (Place part : site.parts()) {
            for (LonLat corner : part.corners()) {
                Coordinate at = plane.metres(corner);
                box.expandToInclude(at);
            }
        }
        return box;
    }
}
