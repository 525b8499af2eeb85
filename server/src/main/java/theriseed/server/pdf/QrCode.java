package theriseed.server.pdf;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;

/** A lot number as a QR code. */
public final class QrCode {
    private static final int WHITE = 0xFFFFFF;

    private QrCode() {}

    /** As the address of an image with a dot for each square, which stays sharp at any size. */
    public static String image(String text) {
        BitMatrix squares = squares(text);
        BufferedImage image =
                new BufferedImage(squares.getWidth(), squares.getHeight(), BufferedImage.TYPE_BYTE_BINARY);
        for (int y = 0; y < squares.getHeight(); y++) {
            for (int x = 0; x < squares.getWidth(); x++) {
                image.setRGB(x, y, squares.get(x, y) ? 0 : WHITE);
            }
        }
        try (ByteArrayOutputStream png = new ByteArrayOutputStream()) {
            ImageIO.write(image, "png", png);
            return "data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static BitMatrix squares(String text) {
        try {
            return new QRCodeWriter()
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
}
