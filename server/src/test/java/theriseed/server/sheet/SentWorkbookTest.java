package theriseed.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;
import theriseed.server.base.Refused;

class SentWorkbookTest {
    private static final List<Column> NONE = List.of();

    private static byte[] book() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(bytes, "test", "1.0")) {
            Worksheet notes = book.newWorksheet("Notes");
            notes.value(0, 0, "my seed book");
            Worksheet tab = book.newWorksheet("Lots");
            tab.value(0, 0, "Lot");
            tab.value(0, 1, "Clean");
            tab.value(0, 2, "Weight");
            tab.value(2, 0, "007");
            tab.value(2, 1, LocalDate.of(2021, 10, 3));
            tab.style(2, 1).format("dd.mm.yyyy").set();
            tab.value(2, 2, 0.1 + 0.2);
            tab.value(3, 0, "K-18");
            tab.value(3, 1, LocalDateTime.of(2021, 10, 3, 6, 30));
            tab.style(3, 1).format("yyyy-mm-dd hh:mm").set();
            tab.value(3, 2, 1.234);
            tab.style(3, 2).format("#,##0 [$g-407]").set();
        }
        return bytes.toByteArray();
    }

    @Test
    void aTabIsReadAsItsCellsMean() throws IOException {
        SentTable table = SentWorkbook.read(book(), Told.read("{\"tab\":\"Lots\"}"), NONE, 100);
        assertThat(table.tabs()).containsExactly("Notes", "Lots");
        assertThat(table.rows().stream().map(SentTable.Row::number)).containsExactly(1, 3, 4);
        assertThat(table.rows().stream().map(SentTable.Row::cells))
                .containsExactly(
                        List.of("Lot", "Clean", "Weight"),
                        List.of("007", "2021-10-03", "0.3"),
                        List.of("K-18", "2021-10-03T06:30", "1.2340"));
    }

    @Test
    void theFirstTabIsReadWhereNoneIsSaid() throws IOException {
        assertThat(SentWorkbook.read(book(), Told.NOTHING, NONE, 100).tab()).isEqualTo("Notes");
        assertThat(SentWorkbook.read(book(), Told.NOTHING, List.of(Column.of("lot", "")), 100)
                        .tab())
                .as("the one with headings that are known")
                .isEqualTo("Lots");
        byte[] bytes = book();
        assertThatThrownBy(() -> SentWorkbook.read(bytes, Told.read("{\"tab\":\"Sales\"}"), NONE, 100))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> SentWorkbook.read(bytes, Told.read("{\"tab\":\"Lots\"}"), NONE, 2))
                .isInstanceOf(Refused.class);
    }

    @Test
    void whatIsWrittenIsReadAsItWas() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        List<Column> columns =
                List.of(Column.of("name", ""), Column.numbers("clean_g", ""), Column.day("clean_on", ""));
        new WorkbookWriter("lots", bytes)
                .write(
                        columns,
                        Stream.of(
                                Arrays.asList("=1+1", "2.50", LocalDate.of(2024, 2, 29)),
                                Arrays.asList("0042", null, null)));
        SentTable table = SentWorkbook.read(bytes.toByteArray(), Told.NOTHING, NONE, 100);
        assertThat(table.rows().stream().map(SentTable.Row::cells))
                .containsExactly(
                        List.of("name", "clean_g", "clean_on"), List.of("=1+1", "2.5", "2024-02-29"), List.of("0042"));
    }

    @Test
    void whatIsNoWorkbookOrUnpacksToTooMuchIsRefused() throws IOException {
        assertThatThrownBy(() -> SentWorkbook.read(new byte[] {'P', 'K', 3, 4, 9, 9}, Told.NOTHING, NONE, 100))
                .isInstanceOf(Refused.class);
        ByteArrayOutputStream bomb = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bomb)) {
            zip.putNextEntry(new ZipEntry("xl/workbook.xml"));
            byte[] nothing = new byte[1_000_000];
            for (int i = 0; i < 301; i++) {
                zip.write(nothing);
            }
        }
        assertThatThrownBy(() -> SentWorkbook.read(bomb.toByteArray(), Told.NOTHING, NONE, 100))
                .hasMessageContaining("file");
    }
}
