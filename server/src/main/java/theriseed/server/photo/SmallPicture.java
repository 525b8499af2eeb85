package theriseed.server.photo;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import theriseed.server.base.Refused;

/** A picture upright, no longer than 1,600 pixels on a side, as plain JPEG: what the camera wrote beside it is gone. */
record SmallPicture(byte[] jpeg, int width, int height) {
    private static final int LONGEST_SIDE = 1600;
    private static final double QUALITY = 0.82;

    /** A small file may claim a size that would fill the memory. */
    private static final long MOST_PIXELS = 60_000_000;

    /** @throws Refused when it is no picture that can be read */
    static SmallPicture of(byte[] file) {
        try {
            checkSize(file);
            BufferedImage small = Thumbnails.of(new ByteArrayInputStream(file))
                    .size(LONGEST_SIDE, LONGEST_SIDE)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .asBufferedImage();
            ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
            Thumbnails.of(small)
                    .scale(1)
                    .outputFormat("jpg")
                    .outputQuality(QUALITY)
                    .toOutputStream(jpeg);
            return new SmallPicture(jpeg.toByteArray(), small.getWidth(), small.getHeight());
        } catch (IOException unreadable) {
            throw noPicture();
        }
    }

    private static void checkSize(byte[] file) throws IOException {
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
            if (!readers.hasNext()) {
                throw noPicture();
            }
            ImageReader reader = readers.next();
            reader.setInput(input);
            long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
            reader.dispose();
            if (pixels > MOST_PIXELS) {
                throw new Refused("photo", pixels / 1_000_000 + " million pixels", "photo.tooLarge");
            }
        }
    }

    private static Refused noPicture() {
        return new Refused("photo", "a file that is no picture", "photo.noPicture");
    }
}
