package theriseed.server.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import theriseed.core.bench.OwnRange;
import theriseed.core.bench.StepKind;
import theriseed.core.bench.StepShare;

/** What each kind of step let through in the farm's other lots of a crop. */
final class OwnSteps {
    private final Map<StepKind, double[]> byKind;

    private OwnSteps(Map<StepKind, double[]> byKind) {
        this.byKind = byKind;
    }

    static OwnSteps of(List<StepRepository.KindShare> shares) {
        return new OwnSteps(shares.stream()
                .collect(Collectors.groupingBy(
                        StepRepository.KindShare::getKind,
                        TreeMap::new,
                        Collectors.collectingAndThen(Collectors.toList(), OwnSteps::values))));
    }

    private static double[] values(List<StepRepository.KindShare> shares) {
        return shares.stream().mapToDouble(StepRepository.KindShare::getShare).toArray();
    }

    List<StepShare> shares() {
        return byKind.keySet().stream().flatMap(kind -> share(kind).stream()).toList();
    }

    /** None where no other lot went through such a step. */
    Optional<StepShare> share(StepKind kind) {
        return Optional.ofNullable(byKind.get(kind)).map(shares -> StepShare.of(kind, shares));
    }

    /** Where a step's share lies among them; null while there are too few. */
    OwnRange.Place place(StepKind kind, double share) {
        return OwnRange.of(byKind.getOrDefault(kind, new double[0]))
                .map(range -> range.place(share))
                .orElse(null);
    }
}
