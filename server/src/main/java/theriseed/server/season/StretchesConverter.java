package theriseed.server.season;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the stretches of beds a planting takes as one JSON text. */
@Converter
class StretchesConverter implements AttributeConverter<List<Stretch>, String> {
    private static final TypeReference<List<Stretch>> STRETCHES = new TypeReference<>() {};

    @Override
    public String convertToDatabaseColumn(List<Stretch> stretches) {
        return JsonMapper.shared().writeValueAsString(stretches);
    }

    @Override
    public List<Stretch> convertToEntityAttribute(String stored) {
        return stored.equals("[]") ? List.of() : JsonMapper.shared().readValue(stored, STRETCHES);
    }
}
