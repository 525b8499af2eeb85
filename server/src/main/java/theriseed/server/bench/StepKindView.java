package theriseed.server.bench;

import java.util.List;
import java.util.stream.Stream;
import theriseed.core.bench.StepKind;

/** What a kind of step asks of whoever writes it down: whether water may be added, and whether it is begun and ended apart. */
public record StepKindView(StepKind kind, boolean wet, boolean takesTime) {
    /** All kinds there are. */
    public static List<StepKindView> all() {
        return Stream.of(StepKind.values())
                .map(kind -> new StepKindView(kind, kind.wet(), kind.takesTime()))
                .toList();
    }
}
