package theriseed.server.handbook;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Map;
import java.util.TreeMap;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Keeps cells of the crop tables by their columns as one JSON text. */
@Converter
class CellsConverter implements AttributeConverter<Map<String, String>, String> {
    private static final TypeReference<Map<String, String>> CELLS = new TypeReference<>() {};

    @Override
    public String convertToDatabaseColumn(Map<String, String> cells) {
        return JsonMapper.shared().writeValueAsString(new TreeMap<>(cells));
    }

    @Override
    public Map<String, String> convertToEntityAttribute(String stored) {
        return JsonMapper.shared().readValue(stored, CELLS);
    }
}
