package theriseed.e2e;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.microsoft.playwright.Browser;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;

/** A browser whose camera sees a film: an empty bench at first, then a label with a code. */
final class FakeCamera {
    private static final int WIDTH = 640;
    private static final int HEIGHT = 480;
    private static final int CODE = 220;
    private static final int PICTURES = 30;

    private FakeCamera() {}

    /** @param folder for the film; @param code what is on the label */
    static Browser seeing(String code, Path folder) throws IOException, WriterException {
        Path film = folder.resolve("camera.mjpeg");
        ByteArrayOutputStream pictures = new ByteArrayOutputStream();
        BitMatrix bits = new QRCodeWriter().encode(code, BarcodeFormat.QR_CODE, CODE, CODE);
        for (int i = 0; i < PICTURES; i++) {
            BufferedImage bench = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
            Graphics2D pen = bench.createGraphics();
            pen.setColor(new Color(150, 130, 105));
            pen.fillRect(0, 0, WIDTH, HEIGHT);
            if (i >= PICTURES / 3) {
                draw(pen, bits, (WIDTH - CODE) / 2 + i, (HEIGHT - CODE) / 2);
            }
            pen.dispose();
            ImageIO.write(bench, "jpg", pictures);
        }
        Files.write(film, pictures.toByteArray());
        return Chromium.started(
                Map.of(),
                List.of(
                        "--use-fake-device-for-media-stream",
                        "--use-fake-ui-for-media-stream",
                        "--use-file-for-fake-video-capture=" + film));
    }

    private static void draw(Graphics2D pen, BitMatrix bits, int left, int top) {
        for (int x = 0; x < bits.getWidth(); x++) {
            for (int y = 0; y < bits.getHeight(); y++) {
                pen.setColor(bits.get(x, y) ? new Color(35, 32, 30) : new Color(225, 222, 210));
                pen.fillRect(left + x, top + y, 1, 1);
            }
        }
    }
}
