package theriseed.server.photo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import theriseed.server.base.Refused;

/**
 * A picture upright, no longer than 1,600 pixels on a side and never enlarged, as plain JPEG: what the camera wrote beside
 * it is gone. One is read at a time, and no more of it than is shown, so that no picture fills the memory.
 */
record SmallPicture(byte[] jpeg, int width, int height) {
    private static final int LONGEST_SIDE = 1600;
    private static final double QUALITY = 0.82;

    /** A small file may claim a size that would take long to read. */
    private static final long MOST_PIXELS = 50_000_000;

    private static final int EXIF = 0xe1;
    private static final int START_OF_PICTURE = 0xda;
    private static final Set<String> FORMATS = Set.of("jpeg", "png");

    /** @throws Refused when it is no picture that can be read */
    static synchronized SmallPicture of(byte[] file) {
        try {
            BufferedImage read = onWhite(read(file, 2 * LONGEST_SIDE));
            double scale = Math.min(1, LONGEST_SIDE / (double) Math.max(read.getWidth(), read.getHeight()));
            BufferedImage small = Thumbnails.of(read)
                    .scale(scale)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .asBufferedImage();
            ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
            Thumbnails.of(small)
                    .scale(1)
                    .outputFormat("jpg")
                    .outputQuality(QUALITY)
                    .toOutputStream(jpeg);
            return new SmallPicture(jpeg.toByteArray(), small.getWidth(), small.getHeight());
        } catch (IOException | RuntimeException unreadable) {
            throw unreadable instanceof Refused refused ? refused : noPicture();
        }
    }

    /** Whether it is such a picture as is kept: read to its end, no larger than one is made here. */
    static synchronized boolean isOne(byte[] jpeg) {
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(jpeg))) {
            ImageReader reader = reader(input);
            boolean small = reader.getFormatName().equalsIgnoreCase("jpeg")
                    && Math.max(reader.getWidth(0), reader.getHeight(0)) <= LONGEST_SIDE;
            reader.dispose();
            return small && read(jpeg, LONGEST_SIDE / 8) != null;
        } catch (IOException | RuntimeException unreadable) {
            return false;
        }
    }

    /** What is seen through a picture is paper. */
    private static BufferedImage onWhite(BufferedImage picture) {
        if (!picture.getColorModel().hasAlpha()) {
            return picture;
        }
        BufferedImage white = new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D paint = white.createGraphics();
        paint.drawImage(picture, 0, 0, Color.WHITE, null);
        paint.dispose();
        return white;
    }

    /** Reads every so many pixels only, such that no side is more than twice this long. */
    private static BufferedImage read(byte[] file, int longest) throws IOException {
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            ImageReader reader = reader(input);
            try {
                long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
                if (pixels > MOST_PIXELS) {
                    throw new Refused("photo", pixels / 1_000_000 + " million pixels", "photo.tooLarge");
                }
                int every = Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / longest);
                ImageReadParam some = reader.getDefaultReadParam();
                some.setSourceSubsampling(every, every, 0, 0);
                BufferedImage read = reader.read(0, some);
                Orientation turned = orientation(file);
                return turned == null
                        ? read
                        : ExifFilterUtils.getFilterForOrientation(turned).apply(read);
            } finally {
                reader.dispose();
            }
        }
    }

    private static ImageReader reader(ImageInputStream input) throws IOException {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
        if (!readers.hasNext()) {
            throw noPicture();
        }
        ImageReader reader = readers.next();
        if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
            reader.dispose();
            throw noPicture();
        }
        reader.setInput(input, true, true);
        return reader;
    }

    /** How the camera was held, from the block of a JPEG that says so, wherever among the first it stands. */
    private static Orientation orientation(byte[] file) {
        int at = 2;
        while (at + 4 < file.length && (file[at] & 0xff) == 0xff && (file[at + 1] & 0xff) != START_OF_PICTURE) {
            int length = (file[at + 2] & 0xff) << 8 | file[at + 3] & 0xff;
            int begin = at + 4;
            int end = at + 2 + length;
            if (end > file.length || length < 2) {
                return null;
            }
            if ((file[at + 1] & 0xff) == EXIF
                    && new String(file, begin, Math.min(4, end - begin), StandardCharsets.US_ASCII).equals("Exif")) {
                return ExifUtils.getOrientationFromExif(Arrays.copyOfRange(file, begin, end));
            }
            at = end;
        }
        return null;
    }

    private static Refused noPicture() {
        return new Refused("photo", "a file that is no picture", "photo.noPicture");
    }
}
