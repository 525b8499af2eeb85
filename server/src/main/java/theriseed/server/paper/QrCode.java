package theriseed.server.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.io.IOException;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** A lot number as a QR code, drawn as sharp squares at any size. */
public final class QrCode {
    private final BitMatrix squares;

    public QrCode(String text) {
        try {
            squares = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 0));
        } catch (WriterException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    public void draw(PDPageContentStream page, float left, float bottom, float size) throws IOException {
        float side = size / squares.getWidth();
        for (int y = 0; y < squares.getHeight(); y++) {
            for (int x = 0; x < squares.getWidth(); x++) {
                if (squares.get(x, y)) {
                    page.addRect(left + x * side, bottom + size - (y + 1) * side, side, side);
                }
            }
        }
        page.fill();
    }
}
