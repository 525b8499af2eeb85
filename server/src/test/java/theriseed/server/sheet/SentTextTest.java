package theriseed.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import theriseed.server.base.Refused;

class SentTextTest {
    private static final String TEXT = "Name,Address\r\nCafé Höhe,\"12, Quay\"\r\n";

    private static SentTable read(byte[] bytes, Told told) {
        return SentText.read(bytes, told, 1000);
    }

    private static List<List<String>> cells(SentTable table) {
        return table.rows().stream().map(SentTable.Row::cells).toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "ISO-8859-1", "windows-1252", "UTF-16"})
    void whateverASpreadsheetEncodesItIn(String encoding) {
        assertThat(cells(read(TEXT.getBytes(Charset.forName(encoding)), Told.NOTHING)))
                .containsExactly(List.of("Name", "Address"), List.of("Café Höhe", "12, Quay"));
    }

    @Test
    void anEncodingThatWasSaidIsTaken() {
        byte[] bytes = "Name\nŁódź\n".getBytes(Charset.forName("windows-1250"));
        Told said = Told.read("{\"encoding\":\"windows-1250\"}");
        assertThat(cells(read(bytes, said)).get(1)).containsExactly("Łódź");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {"';'!';'", "','!','", "'|'!'|'"})
    void whatPartsCellsIsFound(String sign, String found) {
        String text = String.join(sign, "a", "b, c; d", "e") + "\n" + String.join(sign, "1", "2", "3") + "\n";
        SentTable table = read(text.replace("b, c; d", "\"b, c; d\"").getBytes(StandardCharsets.UTF_8), Told.NOTHING);
        assertThat(table.partedBy()).isEqualTo(found);
        assertThat(cells(table).get(1)).containsExactly("1", "2", "3");
    }

    @Test
    void aLineThatOnlySaysTheSignIsNotOneOfTheTable() {
        SentTable table = read("sep=;\na;b\n1,5;2\n".getBytes(StandardCharsets.UTF_8), Told.NOTHING);
        assertThat(table.rows().get(0)).isEqualTo(new SentTable.Row(2, List.of("a", "b")));
        assertThat(table.rows().get(1)).isEqualTo(new SentTable.Row(3, List.of("1,5", "2")));
    }

    @Test
    void tabsPartCells() {
        assertThat(cells(read("a\tb\n1\t2\n".getBytes(StandardCharsets.UTF_8), Told.NOTHING)))
                .containsExactly(List.of("a", "b"), List.of("1", "2"));
    }

    @Test
    void bytesThatAreNoTextAndQuotesThatStayOpenAreRefused() {
        assertThatThrownBy(() -> read(new byte[] {1, 0, 0, 5, 'a'}, Told.NOTHING))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.field()).isEqualTo("file"));
        assertThatThrownBy(() -> read("a\n\"b\n".getBytes(StandardCharsets.UTF_8), Told.NOTHING))
                .isInstanceOf(Refused.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"{", "{\"days\":\"YEARS\"}", "{\"partedBy\":\"x\"}", "{\"encoding\":\"none such\"}", "[1]"})
    void whatCannotBeToldIsRefused(String how) {
        assertThatThrownBy(() -> Told.read(how)).isInstanceOf(Refused.class);
    }
}
