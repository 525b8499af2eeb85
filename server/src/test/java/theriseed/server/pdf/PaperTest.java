package theriseed.server.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import theriseed.server.words.Reader;
import theriseed.server.words.Units;

class PaperTest {
    private static PDDocument read(Paper paper) throws IOException {
        return Loader.loadPDF(paper.file("paper").getBody());
    }

    private static Paper paper(Reader reader) {
        return new Paper("A paper", "Skerrow & daughters", reader)
                .titleOfLot("26-TOM-04-R", "Lantern Quay", "tomato")
                .heading("Tests")
                .words("94 % of <400> seeds\nby Ada")
                .table(
                        List.of("day", "g"),
                        List.of(List.of("4 Mar", "2.80"), List.of("5 Mar", "12,222.80")),
                        0.7,
                        -0.3);
    }

    private static List<String> tags(PDStructureNode node) {
        List<String> tags = new ArrayList<>();
        for (Object kid : node.getKids()) {
            if (kid instanceof PDStructureElement element) {
                tags.add(element.getStructureType());
                tags.addAll(tags(element));
            }
        }
        return tags;
    }

    @Test
    void itCanBeReadAloud() throws IOException {
        try (PDDocument pdf = read(paper(Reader.ANYBODY))) {
            assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
            assertThat(pdf.getDocumentInformation().getTitle()).isEqualTo("A paper");
            assertThat(tags(pdf.getDocumentCatalog().getStructureTreeRoot()))
                    .contains("H1", "H2", "P", "Figure", "Table")
                    .satisfies(tags -> assertThat(Collections.frequency(tags, "TH"))
                            .as("the two columns, and what each row is of")
                            .isEqualTo(4));
        }
    }

    @Test
    void itsTypefacesAreWithinIt() throws IOException {
        try (PDDocument pdf = read(paper(Reader.ANYBODY))) {
            for (PDPage page : pdf.getPages()) {
                for (COSName font : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(font).isEmbedded()).isTrue();
                }
            }
        }
    }

    @Test
    void whatWasTypedStandsAsItWasTyped() throws IOException {
        Paper paper = paper(Reader.ANYBODY).words("a bell \u0007 and <b>bold</b> & {{title}}");
        try (PDDocument pdf = read(paper)) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("94 % of <400> seeds", "Skerrow & daughters", "<b>bold</b> & {{title}}", "page 1 of 1");
        }
    }

    @Test
    void itIsOfTheSheetsThatAreUsualWhereItIsPrinted() throws IOException {
        try (PDDocument here = read(paper(Reader.ANYBODY));
                PDDocument there = read(paper(new Reader(Locale.US, Units.US, null)))) {
            assertThat(here.getPage(0).getMediaBox().getHeight()).isCloseTo(841.9f, within(0.5f));
            assertThat(there.getPage(0).getMediaBox().getWidth()).isCloseTo(612f, within(0.5f));
            assertThat(there.getPage(0).getMediaBox().getHeight()).isCloseTo(792f, within(0.5f));
        }
    }

    @Test
    void aLineIsWrittenSmallerOnlyWhereItWouldNotFit() {
        assertThat(Measure.fit("short", false, 4, 100)).isEqualTo(4);
        double fitted = Measure.fit("a variety with a very long name indeed", true, 4, 30);
        assertThat(fitted).isBetween(1.0, 2.5);
        assertThat(Measure.fit("a variety with a very long name indeed", true, 4, 60))
                .isCloseTo(2 * fitted, within(1e-9));
    }
}
