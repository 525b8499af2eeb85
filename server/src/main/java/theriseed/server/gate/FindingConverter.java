package theriseed.server.gate;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import theriseed.core.lot.Finding;
import theriseed.server.base.Kinds;

/** Keeps a finding with its kind and figures, as the API tells it. */
@Converter
class FindingConverter implements AttributeConverter<Finding, String> {
    @Override
    public String convertToDatabaseColumn(Finding finding) {
        return Kinds.JSON.writerFor(Finding.class).writeValueAsString(finding);
    }

    @Override
    public Finding convertToEntityAttribute(String kept) {
        return Kinds.JSON.readValue(kept, Finding.class);
    }
}
