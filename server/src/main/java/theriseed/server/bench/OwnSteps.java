package theriseed.server.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import theriseed.core.bench.OwnRange;
import theriseed.core.bench.StepKind;
import theriseed.core.bench.StepShare;
import theriseed.server.base.Maybe;

/**
 * What each kind of step let through in the farm's other lots of a crop. It depends on what was done before: whole fruit
 * dries otherwise than rinsed seed.
 */
final class OwnSteps {
    private final Map<Place, double[]> byPlace;

    /** A kind of step and the one before it; null for none. */
    private record Place(StepKind kind, StepKind after) {}

    /** @param after kind of step before it; absent for the first */
    record ShareAfter(@Maybe StepKind after, StepShare share) {}

    private OwnSteps(Map<Place, double[]> byPlace) {
        this.byPlace = byPlace;
    }

    static OwnSteps of(List<StepRepository.KindShare> shares) {
        return new OwnSteps(shares.stream()
                .collect(Collectors.groupingBy(
                        share -> new Place(share.getKind(), share.getBefore()),
                        Collectors.collectingAndThen(Collectors.toList(), OwnSteps::values))));
    }

    private static double[] values(List<StepRepository.KindShare> shares) {
        return shares.stream().mapToDouble(StepRepository.KindShare::getShare).toArray();
    }

    List<ShareAfter> shares() {
        return byPlace.entrySet().stream()
                .map(one -> new ShareAfter(
                        one.getKey().after(), StepShare.of(one.getKey().kind(), one.getValue())))
                .toList();
    }

    /** None where no other lot went through such a step there. */
    Optional<StepShare> share(StepKind kind, StepKind after) {
        return Optional.ofNullable(byPlace.get(new Place(kind, after))).map(shares -> StepShare.of(kind, shares));
    }

    /** Where a step's share lies among them; null while there are too few. */
    OwnRange.Place place(StepKind kind, StepKind after, double share) {
        return OwnRange.of(byPlace.getOrDefault(new Place(kind, after), new double[0]))
                .map(range -> range.place(share))
                .orElse(null);
    }
}
