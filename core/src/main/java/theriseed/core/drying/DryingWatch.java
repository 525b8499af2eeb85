package theriseed.core.drying;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import theriseed.core.crop.Crop;
import theriseed.core.drying.DryingCurve.Shape;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Range;

/**
 * Where a tray of drying seed stands, from what it weighs: its dry matter does not change, so its mass tells its moisture.
 * All rests on the moisture it began with.
 *
 * @param moistureIn at the beginning, % wet basis; {@code estimated} when nobody measured it
 * @param target moisture it is dried to, % wet basis
 * @param targetMass grams at which it has come there
 * @param mass grams at the last weighing
 * @param moisture then, % wet basis
 * @param floor moisture below which the room's air will not dry it, % wet basis; none while the air is not known
 * @param reachable whether that air can dry it to its target
 * @param curve how it dries, since it last took up water; none before three weighings, or when they do not fit the air
 * @param far whether the hour foretold lies more than twice as far as was weighed
 * @param rewetted whether it took up water between two weighings
 * @param belowFloor whether it weighs less than the air can have made it: then it began drier than was taken
 * @param warmest air it bears at its moisture, &deg;C
 * @param gel to finish it in a jar, from what it weighs now; none when it is dry
 */
public record DryingWatch(
        double moistureIn,
        boolean estimated,
        double target,
        double targetMass,
        double mass,
        double moisture,
        OptionalDouble floor,
        boolean reachable,
        Optional<DryingCurve> curve,
        boolean far,
        boolean rewetted,
        boolean belowFloor,
        double warmest,
        Optional<SilicaGel> gel) {

    /** A tray weighed, hours after it was spread. */
    public record Weighing(double hour, double mass) {}

    /** Air of the room: &deg;C 0 to 50, relative humidity 0 to 100 %. */
    public record Room(double air, double humidity) {}

    /** Share of the mass by which a tray may seem heavier than before without having taken up water. */
    private static final double SAME = 0.003;

    private static final double USUAL_TARGET = 8;
    private static final double EXACT = 1e-9;

    /** To what moisture seed may be wanted dried, % wet basis. */
    public static final Range TARGET = Range.above(0, 20, "%");

    private static final double FAR = 2;
    private static final double AIR_UNKNOWN = 0.7;
    private static final double DRIEST_AIR = 0.05;
    private static final double DAMPEST_AIR = 0.9;
    private static final double USUAL_AIR_C = 20;

    /**
     * @param spread grams when it was spread, above 0
     * @param moistureIn % wet basis, 0 to 95
     * @param target % wet basis, above 0 to 20
     * @param weighed later weighings, hours rising
     */
    public static DryingWatch of(
            Crop crop,
            double spread,
            double moistureIn,
            boolean estimated,
            double target,
            List<Weighing> weighed,
            Optional<Room> room) {
        Range.above(0, 1e9, "g").check("massIn", spread);
        WaterContent.WET_BASIS.check("moistureIn", moistureIn);
        TARGET.check("target", target);
        double dry = Moisture.dry(spread, moistureIn);
        double targetMass = dry / (1 - target / 100);
        List<Weighing> all = new ArrayList<>(List.of(new Weighing(0, spread)));
        all.addAll(weighed);
        int since = 0;
        for (int i = 1; i < all.size(); i++) {
            Range.above(all.get(i - 1).hour(), 1e5, "h")
                    .check("hour", all.get(i).hour());
            if (all.get(i).mass() > all.get(i - 1).mass() * (1 + SAME)) {
                since = i;
            }
        }
        double mass = all.get(all.size() - 1).mass();
        double moisture = Math.max(0, 100 * (1 - dry / mass));
        OptionalDouble floor = room.isPresent() ? OptionalDouble.of(floor(crop, room.get())) : OptionalDouble.empty();
        double left = floor.orElse(AIR_UNKNOWN * target);
        boolean reachable = left < target;
        boolean belowFloor = mass <= dry || floor.isPresent() && moisture <= left;
        Optional<DryingCurve> curve =
                reachable && !belowFloor ? curve(all.subList(since, all.size()), dry, left, target) : Optional.empty();
        double logged = all.get(all.size() - 1).hour() - all.get(since).hour();
        return new DryingWatch(
                moistureIn,
                estimated,
                target,
                targetMass,
                mass,
                moisture,
                floor,
                reachable,
                curve,
                curve.filter(fitted -> fitted.hoursLeft() > FAR * logged).isPresent(),
                since > 0,
                belowFloor,
                bears(crop, moisture),
                moisture > target + EXACT ? Optional.of(gel(crop, mass, moisture, target)) : Optional.empty());
    }

    /** Moisture for sealed packs, % wet basis, by the crop table. */
    public static double sealed(Crop crop) {
        return crop.storageMoisture().orElse(USUAL_TARGET);
    }

    /** Warmest air that seed of a crop bears at a moisture, &deg;C. @param moisture % wet basis, at least 0 */
    public static double bears(Crop crop, double moisture) {
        double bears = DryingAir.warmest(Math.min(95, moisture));
        return moisture < 18 ? Math.min(bears, crop.maxDryingTemperature().orElse(bears)) : bears;
    }

    /** Moisture to which air dries seed, % wet basis; beyond the range of the equation its ends are taken. */
    public static double floor(Crop crop, Room room) {
        double humidity = Range.of(0, 100, "%").check("humidity", room.humidity()) / 100;
        double within = Math.max(DRIEST_AIR, Math.min(DAMPEST_AIR, humidity));
        double air = Range.of(0, 50, "C").check("air", room.air());
        return WaterContent.wetBasis(Equilibrium.dryBasis(within, air, SeedOil.of(crop)));
    }

    /** A curve through what was weighed; weighings too alike to tell anything give none. */
    private static Optional<DryingCurve> curve(List<Weighing> since, double dry, double left, double target) {
        double first = since.get(0).mass();
        double moisture = 100 * (1 - dry / first);
        if (since.size() < 3 || moisture <= target) {
            return Optional.empty();
        }
        double[] hours = since.stream()
                .mapToDouble(one -> one.hour() - since.get(0).hour())
                .toArray();
        double[] masses = new double[since.size()];
        double least = first;
        for (int i = 0; i < masses.length; i++) {
            least = Math.min(least, since.get(i).mass());
            masses[i] = least;
        }
        if (masses[1] >= first) {
            return Optional.empty();
        }
        try {
            return Optional.of(DryingCurve.through(
                    hours, masses, moisture, left, target, hours.length > 3 ? Shape.PAGE : Shape.NEWTON));
        } catch (OutOfRange noFit) {
            return Optional.empty();
        }
    }

    private static SilicaGel gel(Crop crop, double mass, double moisture, double target) {
        double humidity = Equilibrium.humidity(target, USUAL_AIR_C, SeedOil.of(crop));
        double capacity = Math.max(0.02, Math.min(0.25, 0.0167 + 0.4167 * humidity));
        return SilicaGel.of(mass, moisture, target, capacity, 1000);
    }
}
