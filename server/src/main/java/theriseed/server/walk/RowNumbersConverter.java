package theriseed.server.walk;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** Keeps the numbers of rows as one text, {@code 1,2,5}. */
@Converter
class RowNumbersConverter implements AttributeConverter<List<Integer>, String> {
    @Override
    public String convertToDatabaseColumn(List<Integer> rows) {
        return rows.stream().map(String::valueOf).collect(Collectors.joining(","));
    }

    @Override
    public List<Integer> convertToEntityAttribute(String stored) {
        return stored.isEmpty()
                ? List.of()
                : Arrays.stream(stored.split(",")).map(Integer::valueOf).toList();
    }
}
