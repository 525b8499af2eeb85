package theriseed.server.bench;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import theriseed.core.bench.StepKind;

/** Keeps an order of steps as one text, {@code DRY,THRESH}; an empty one for none. */
@Converter
class ChainConverter implements AttributeConverter<List<StepKind>, String> {
    @Override
    public String convertToDatabaseColumn(List<StepKind> steps) {
        return steps.stream().map(StepKind::name).collect(Collectors.joining(","));
    }

    @Override
    public List<StepKind> convertToEntityAttribute(String stored) {
        return stored.isEmpty()
                ? List.of()
                : Arrays.stream(stored.split(",")).map(StepKind::valueOf).toList();
    }
}
