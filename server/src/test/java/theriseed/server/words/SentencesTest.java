package theriseed.server.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import theriseed.core.bench.StepKind;
import theriseed.core.lot.Finding;
import theriseed.core.lot.SaleGate;
import theriseed.core.season.SeasonWork;
import theriseed.server.season.WayChange;
import theriseed.server.seedroom.Need;
import theriseed.server.today.ToDo;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class SentencesTest {
    /** The screens are held to the same examples. */
    @TestFactory
    Stream<DynamicTest> eachSideSaysTheSame() {
        JsonNode examples = JsonMapper.shared().readTree(Path.of("../web/src/lib/words/examples.json"));
        return examples.valueStream()
                .map(example -> DynamicTest.dynamicTest(
                        example.get("says").stringValue(),
                        () -> assertThat(Sentences.say(
                                        new Reader(
                                                Locale.forLanguageTag(
                                                        example.get("locale").stringValue()),
                                                Units.valueOf(
                                                        example.get("units").stringValue()),
                                                LocalDateTime.of(2026, 8, 14, 7, 10)),
                                        example.get("key").stringValue(),
                                        figures(example.get("figures"))))
                                .isEqualTo(example.get("says").stringValue())));
    }

    private static Map<String, Object> figures(JsonNode told) {
        Map<String, Object> figures = new HashMap<>();
        told.properties().forEach(part -> figures.put(part.getKey(), figure(part.getValue())));
        return figures;
    }

    private static Object figure(JsonNode told) {
        if (told.isNumber()) {
            return told.doubleValue();
        }
        String text = told.asString();
        if (text.matches("\\d{4}-\\d\\d-\\d\\dT.*")) {
            return LocalDateTime.parse(text);
        }
        return text.matches("\\d{4}-\\d\\d-\\d\\d") ? LocalDate.parse(text) : text;
    }

    @Test
    void everyFindingIsSaidAndWhatWouldSettleIt() {
        List<String> kinds = kinds(Finding.class);
        assertThat(Sentences.keysOf("gate.found")).containsExactlyInAnyOrderElementsOf(kinds);
        assertThat(Sentences.keysOf("gate.settle")).containsExactlyInAnyOrderElementsOf(kinds);
        assertThat(Sentences.keysOf("words.reason"))
                .containsExactlyElementsOf(
                        Arrays.stream(SaleGate.Reason.values()).map(Enum::name).toList());
    }

    @Test
    void everyTaskSaysWhatWhyAndHowMuch() {
        List<String> kinds = kinds(ToDo.class);
        assertThat(Sentences.keysOf("task.do")).containsExactlyInAnyOrderElementsOf(without(kinds, "Planned"));
        assertThat(Sentences.keysOf("task.why")).containsExactlyInAnyOrderElementsOf(without(kinds, "Planned"));
        assertThat(Sentences.keysOf("task.figure")).containsExactlyInAnyOrderElementsOf(kinds);
        List<String> works =
                Arrays.stream(SeasonWork.Kind.values()).map(Enum::name).toList();
        assertThat(Sentences.keysOf("work")).containsExactlyElementsOf(works);
        assertThat(Sentences.keysOf("workWhy")).containsExactlyElementsOf(works);
    }

    @Test
    void everyNeedIsSaidAndEveryWayWithWhatItMeansAndCosts() {
        assertThat(Sentences.keysOf("need")).containsExactlyInAnyOrderElementsOf(kinds(Need.class));
        assertThat(Sentences.keysOf("way.act")).containsExactlyInAnyOrderElementsOf(kinds(WayChange.class));
        assertThat(Sentences.keysOf("way.means")).containsExactlyInAnyOrderElementsOf(kinds(WayChange.class));
        assertThat(Sentences.keysOf("way.cost"))
                .containsExactlyInAnyOrder(
                        "work",
                        "littleWork",
                        "itsSeed",
                        "severalSeed",
                        "partOfItsSeed",
                        "seasons",
                        "lowerGrade",
                        "moves",
                        "nothing");
        List<String> steps = Arrays.stream(StepKind.values()).map(Enum::name).toList();
        assertThat(Sentences.keysOf("words.stepAct")).containsExactlyInAnyOrderElementsOf(steps);
        assertThat(Sentences.keysOf("words.stepDoing")).containsExactlyInAnyOrderElementsOf(steps);
    }

    private static List<String> kinds(Class<?> sealed) {
        return Arrays.stream(sealed.getPermittedSubclasses())
                .map(Class::getSimpleName)
                .toList();
    }

    private static List<String> without(List<String> all, String one) {
        return all.stream().filter(each -> !each.equals(one)).toList();
    }

    @Test
    void aSentenceThatIsNotThereIsAFault() {
        assertThatThrownBy(() -> Sentences.say(Reader.ANYBODY, "gate.found.Nothing", Map.of()))
                .hasMessageContaining("gate.found.Nothing");
    }
}
