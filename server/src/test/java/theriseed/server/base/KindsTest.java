package theriseed.server.base;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Grade;
import theriseed.core.lot.Finding;
import theriseed.core.measure.Refusal;

class KindsTest {
    @Test
    void aRecordSaysItsKindAlsoWhereNobodyKnowsWhichItIs() {
        Finding found = new Finding.BelowStandard(65, Grade.MARKET, 70);
        String told = "{\"kind\":\"BelowStandard\",\"germination\":65,\"grade\":\"MARKET\",\"needed\":70.0}";
        assertThat(Kinds.JSON.writeValueAsString(found)).isEqualTo(told);
        assertThat(Kinds.JSON.writeValueAsString(Map.of("findings", List.of(found))))
                .isEqualTo("{\"findings\":[" + told + "]}");
        assertThat(Kinds.JSON.writeValueAsString(Refusal.AgainstRule.of("gate.shut", "findings", List.of(found))))
                .contains("\"kind\":\"AgainstRule\"", told);
    }

    @Test
    void whatWasToldIsReadAgain() {
        for (Finding found : List.of(
                new Finding.NotClean(),
                new Finding.TestRunOut(LocalDate.of(2026, 8, 14), 365),
                new Finding.OnHold("a label came off"))) {
            String told = Kinds.JSON.writerFor(Finding.class).writeValueAsString(found);
            assertThat(Kinds.JSON.readValue(told, Finding.class)).isEqualTo(found);
        }
    }
}
