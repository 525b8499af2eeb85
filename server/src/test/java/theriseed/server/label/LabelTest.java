package theriseed.server.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.Result;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.GenericMultipleBarcodeReader;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.Client;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

@DemoFarmTest
class LabelTest {
    @LocalServerPort
    int port;

    Season season;

    @BeforeEach
    void season() {
        season = new Season(port);
    }

    @Test
    void aContainersLabelIsThereBeforeAnythingIsPicked() throws Exception {
        String number = season.numbered(season.planted("pea", "2026-03-20", 300));
        Client.Answer label = season.grower.get("/api/lots/" + number + "/label.pdf?containers=3");
        assertThat(label.headers().firstValue("Content-Type")).hasValue("application/pdf");
        try (PDDocument pdf = Loader.loadPDF(label.body())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(pdf).split(number)).hasSize(4);
            assertThat(codes(pdf)).isNotEmpty().containsOnly(number);
        }
    }

    @Test
    void aPacketSaysWhatIsInIt() throws Exception {
        String number = season.sellable();
        String run = season.packed(number, 100, 30);
        Client.Answer zpl = season.grower.get("/api/lots/" + number + "/packing/" + run + "/labels.zpl?height=45");
        assertThat(zpl.status()).as(zpl.text()).isEqualTo(200);
        assertThat(zpl.text()).contains("^PW496", "^LL360", "^FDQA," + number + "^FS", "^PQ");
        assertThat(season.grower
                        .get("/api/lots/" + number + "/packing/" + run + "/labels.zpl?height=18&width=30")
                        .field())
                .as("too small for what stands on it")
                .isEqualTo("height");
        Client.Answer labels = season.grower.get("/api/lots/" + number + "/packing/" + run + "/labels.pdf");
        try (PDDocument pdf = Loader.loadPDF(labels.body())) {
            assertThat(pdf.getNumberOfPages()).as("24 to a sheet").isEqualTo(2);
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("Pisum sativum", "at least 100 seeds", "harvest 2026", "germination 94 %", "13 Aug 2026");
            assertThat(text.split(number)).hasSize(31);
        }
    }

    @Test
    void aLargeRunGetsALabelForEveryPacket() throws Exception {
        String number = season.sellable();
        String run = season.packed(number, 5, 2500);
        Client.Answer labels = season.grower.get("/api/lots/" + number + "/packing/" + run + "/labels.pdf");
        try (PDDocument pdf = Loader.loadPDF(labels.body())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(105);
            assertThat(new PDFTextStripper().getText(pdf).split(number)).hasSize(2501);
        }
        assertThat(labels.body().length).as("full sheets are shared").isLessThan(250_000);
    }

    @Test
    void noLabelIsMadeForAWrongNumberOrOfNoCopies() {
        assertThat(season.grower.get("/api/lots/26-PEA-01-X/label.pdf").status())
                .isIn(400, 404);
        String number = season.numbered(season.planted("pea", "2026-03-20", 300));
        assertThat(season.grower
                        .get("/api/lots/" + number + "/label.pdf?containers=0")
                        .field())
                .isEqualTo("containers");
    }

    private static String[] codes(PDDocument pdf) throws Exception {
        BufferedImage page = new PDFRenderer(pdf).renderImageWithDPI(0, 200);
        int[] pixels = page.getRGB(0, 0, page.getWidth(), page.getHeight(), null, 0, page.getWidth());
        BinaryBitmap bitmap = new BinaryBitmap(
                new HybridBinarizer(new RGBLuminanceSource(page.getWidth(), page.getHeight(), pixels)));
        Result[] read = new GenericMultipleBarcodeReader(new MultiFormatReader())
                .decodeMultiple(bitmap, Map.of(DecodeHintType.POSSIBLE_FORMATS, List.of(BarcodeFormat.QR_CODE)));
        return Arrays.stream(read).map(Result::getText).toArray(String[]::new);
    }

    private String packets() {
        String number = season.sellable();
        return "/api/lots/" + number + "/packing/" + season.packed(number, 50, 30);
    }

    @Test
    void labelsAreOfASizeOfOnesOwnOnSheetsOrOneAPage() throws Exception {
        String number = season.sellable();
        String run = "/api/lots/" + number + "/packing/" + season.packed(number, 50, 30);
        byte[] sheets = season.grower
                .get(run + "/labels.pdf?width=99&height=42&copies=15")
                .body();
        try (PDDocument pdf = Loader.loadPDF(sheets)) {
            assertThat(pdf.getNumberOfPages()).as("two by seven to a sheet").isEqualTo(2);
            assertThat(codes(pdf)).isNotEmpty().containsOnly(number);
        }
        byte[] roll = season.grower
                .get(run + "/labels.pdf?width=62&height=29&single=true&copies=2")
                .body();
        try (PDDocument pdf = Loader.loadPDF(roll)) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isCloseTo(175.7f, within(0.1f));
            assertThat(codes(pdf)).as("read back from so small a label").hasSize(1);
        }
    }

    @Test
    void aSheetThatIsBegunIsUsedUpAndPriceAndFarmStandOnThePacketWhereWanted() throws Exception {
        String run = packets();
        byte[] begun = season.grower
                .get(run + "/labels.pdf?begin=23&copies=5&price=true&sheet=LETTER")
                .body();
        try (PDDocument pdf = Loader.loadPDF(begun)) {
            assertThat(pdf.getNumberOfPages()).as("two on the begun one").isEqualTo(2);
            assertThat(pdf.getPage(0).getMediaBox().getHeight()).isCloseTo(792f, within(0.5f));
            PDFTextStripper first = new PDFTextStripper();
            first.setEndPage(1);
            assertThat(first.getText(pdf).split("Skerrow Farm")).hasSize(3);
            assertThat(first.getText(pdf)).contains("2.50 EUR");
        }
        try (PDDocument pdf =
                Loader.loadPDF(season.grower.get(run + "/labels.pdf?copies=1").body())) {
            assertThat(new PDFTextStripper().getText(pdf)).doesNotContain("EUR");
        }
        assertThat(season.grower.get(run + "/labels.pdf?begin=25").field()).isEqualTo("begin");
    }

    @Test
    void aLabelWiderThanTheSheetOrTooSmallToReadIsRefused() {
        String run = packets();
        assertThat(season.grower.get(run + "/labels.pdf?width=211&height=40").field())
                .isEqualTo("width");
        assertThat(season.grower.get(run + "/labels.pdf?width=70&height=300").field())
                .isEqualTo("height");
        assertThat(season.grower
                        .get(run + "/labels.pdf?width=12&height=8&single=true")
                        .field())
                .isEqualTo("width");
        assertThat(season.grower.get(run + "/labels.pdf?copies=0").field()).isEqualTo("copies");
    }

    @Test
    void whatTheLocalLawAsksStandsOnEveryPacketAndTheStandInSaysWhatItIs() throws Exception {
        String run = packets();
        assertThat(season.grower
                        .put(
                                "/api/farm/label-lines",
                                Map.of("version", season.versionOfFarm(), "labelLines", "one\ntwo\nthree\nfour\nfive"))
                        .field())
                .isEqualTo("labelLines");
        season.grower
                .put(
                        "/api/farm/label-lines",
                        Map.of("version", season.versionOfFarm(), "labelLines", "Amateur variety, test office 12"))
                .ok();
        try (PDDocument pdf =
                Loader.loadPDF(season.grower.get(run + "/labels.pdf").body())) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Amateur variety, test office 12", "packed for 2027");
        }
        season.grower
                .put("/api/farm/label-lines", Map.of("version", season.versionOfFarm(), "labelLines", ""))
                .ok();
        assertThat(season.grower
                        .post(run + "/print", Map.of("width", 62, "height", 29, "copies", 4))
                        .ok()
                        .get("printer")
                        .asString())
                .isEqualTo("simulated label printer");
    }
}
