package theriseed.server.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import theriseed.core.measure.OutOfRange;

/** Read by a simulated printer, which looks where each field lies on its label. */
class LabelZplTest {
    private static final Pattern TEXT =
            Pattern.compile("\\^FO(\\d+),(\\d+)\\^A0N,(\\d+),\\d+\\^FB(\\d+),(\\d+),0,L\\^FH_\\^FD(.*)\\^FS");
    private static final LabelSheet.Label LABEL = new LabelSheet.Label(
            "26-TOM-07-W",
            "Lantern Quay",
            List.of(
                    "Tomato, Solanum lycopersicum",
                    "50 seeds, harvest 2026, packed for 2028",
                    "germinates 92 %, 3/2026"),
            "Skerrow Farm",
            "3.50 EUR");

    @ParameterizedTest
    @CsvSource({"62,29,8", "62,29,12", "100,50,8", "80,40,12", "50,45,8"})
    void everythingLiesOnTheLabelAndNothingOnAnother(double width, double height, int dotsPerMm) {
        String zpl = new LabelZpl(width, height, dotsPerMm).of(LABEL, 40);
        assertThat(zpl).startsWith("^XA").contains("^PQ40\n").endsWith("^XZ\n").contains("^FDQA,26-TOM-07-W^FS");
        Matcher text = TEXT.matcher(zpl);
        int fields = 0;
        int below = 0;
        while (text.find()) {
            int left = Integer.parseInt(text.group(1));
            int top = Integer.parseInt(text.group(2));
            int bottom = top + Integer.parseInt(text.group(3)) * Integer.parseInt(text.group(5));
            assertThat(top).as(text.group(6)).isGreaterThanOrEqualTo(below);
            assertThat(bottom).isLessThanOrEqualTo((int) (height * dotsPerMm));
            assertThat(left + Integer.parseInt(text.group(4))).isLessThanOrEqualTo((int) (width * dotsPerMm));
            below = bottom;
            fields++;
        }
        assertThat(fields).isEqualTo(7);
    }

    @Test
    void signsThatWouldBeCommandsArePrinted() {
        LabelSheet.Label odd = new LabelSheet.Label("26-TOM-07-W", "Up^Down~Over_Out", List.of("Höhe \\ tief"), "");
        String zpl = new LabelZpl(62, 29, 8).of(odd, 1);
        assertThat(zpl).contains("Up_5EDown_7EOver_5FOut").contains("Höhe _5C tief");
        assertThat(zpl.chars().filter(sign -> sign == '~').count()).isZero();
    }

    @Test
    void whatDoesNotFitIsRefusedWithTheHeightItNeeds() {
        LabelSheet.Label much = new LabelSheet.Label(
                "26-TOM-07-W",
                "Lantern Quay",
                List.of("a long line of what stands on it. ".repeat(12)),
                "Skerrow Farm");
        assertThatThrownBy(() -> new LabelZpl(40, 20, 8).of(much, 1))
                .isInstanceOfSatisfying(
                        OutOfRange.class, refused -> assertThat(refused.field()).isEqualTo("height"));
        assertThatThrownBy(() -> new LabelZpl(20, 20, 8)).isInstanceOf(OutOfRange.class);
    }
}
