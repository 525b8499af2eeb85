package theriseed.server.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import theriseed.core.measure.Range;

/**
 * Labels as a ZPL file, the language of label printers: its code and its texts in the printer's own dots, once, with how many
 * are wanted. What it looks like is up to the printer's typeface.
 *
 * @param dotsPerMm of the printer: 8 at 203 dots an inch, 12 at 300
 */
record LabelZpl(double width, double height, int dotsPerMm) {
    private static final double MARGIN_MM = 2;
    private static final double LARGEST_TEXT_MM = 3;

    /** Smaller is not read at arm's length. */
    private static final double SMALLEST_TEXT_MM = 1.6;

    private static final double STEP_MM = 0.2;

    /** The first two lines are larger than the others by this. */
    private static final double HEAD = 1.3;

    private static final double LINE_SPACING = 1.15;

    /** Of a sign to its height, on average and a little more. */
    private static final double SIGN_WIDTH = 0.6;

    /** Modules of a code with so few signs and its quiet zone. */
    private static final int MODULES = 29;

    /** Of the label's width that its code may take. */
    private static final double CODE_SHARE = 0.35;

    LabelZpl {
        Range.of(30, 300, "mm").check("width", width);
        Range.of(18, 300, "mm").check("height", height);
        Range.of(6, 24, "dots").check("dotsPerMm", dotsPerMm);
    }

    /** @param copies as many labels as are wanted */
    String of(LabelSheet.Label label, int copies) {
        int magnification = magnification();
        double code = (double) magnification * MODULES / dotsPerMm;
        double left = MARGIN_MM + code + MARGIN_MM;
        double wide = width - left - MARGIN_MM;
        double text = textHeight(label, wide);
        StringBuilder zpl = new StringBuilder("^XA\n^CI28\n^PW" + dots(width) + "\n^LL" + dots(height) + "\n");
        zpl.append("^FO%d,%d^BQN,2,%d^FDQA,%s^FS%n"
                .formatted(dots(MARGIN_MM), dots(MARGIN_MM), magnification, plain(label.number())));
        double top = MARGIN_MM;
        for (Line line : lines(label)) {
            double high = line.head() ? text * HEAD : text;
            int rows = rows(line.text(), wide, high);
            zpl.append("^FO%d,%d^A0N,%d,%d^FB%d,%d,0,L^FH_^FD%s^FS%n"
                    .formatted(dots(left), dots(top), dots(high), dots(high), dots(wide), rows, escaped(line.text())));
            top += rows * high * LINE_SPACING;
        }
        return zpl.append("^PQ").append(copies).append("\n^XZ\n").toString();
    }

    private record Line(String text, boolean head) {}

    private static List<Line> lines(LabelSheet.Label label) {
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(label.number(), true));
        lines.add(new Line(label.head(), true));
        Stream.concat(label.lines().stream(), Stream.of(label.price(), label.foot()))
                .filter(text -> !text.isBlank())
                .forEach(text -> lines.add(new Line(text, false)));
        return lines;
    }

    private int magnification() {
        double side = Math.min(height - 2 * MARGIN_MM, width * CODE_SHARE);
        return Math.max(1, Math.min(10, (int) (side * dotsPerMm / MODULES)));
    }

    /** The largest at which all of it fits; the smallest where it does not, for the label would say less otherwise. */
    private double textHeight(LabelSheet.Label label, double wide) {
        for (double text = LARGEST_TEXT_MM; text > SMALLEST_TEXT_MM; text -= STEP_MM) {
            if (needed(label, wide, text) <= height - 2 * MARGIN_MM) {
                return text;
            }
        }
        double needed = needed(label, wide, SMALLEST_TEXT_MM) + 2 * MARGIN_MM;
        Range.of(Math.min(Math.ceil(needed), 300), 300, "mm").check("height", height);
        return SMALLEST_TEXT_MM;
    }

    private static double needed(LabelSheet.Label label, double wide, double text) {
        return lines(label).stream()
                .mapToDouble(line -> {
                    double high = line.head() ? text * HEAD : text;
                    return rows(line.text(), wide, high) * high * LINE_SPACING;
                })
                .sum();
    }

    private static int rows(String text, double wide, double high) {
        return Math.max(1, (int) Math.ceil(text.length() * high * SIGN_WIDTH / wide));
    }

    private int dots(double millimetres) {
        return (int) Math.round(millimetres * dotsPerMm);
    }

    /** Signs that begin a command are written as numbers. */
    private static String escaped(String text) {
        StringBuilder escaped = new StringBuilder();
        for (char sign : text.toCharArray()) {
            if ("^~_\\".indexOf(sign) >= 0 || sign < ' ') {
                escaped.append(String.format(Locale.ROOT, "_%02X", (int) sign));
            } else {
                escaped.append(sign);
            }
        }
        return escaped.toString();
    }

    /** A number of a lot or mix holds none of those signs; whatever does is not printed as a code. */
    private static String plain(String number) {
        return number.replaceAll("[\\^~_\\\\\\p{Cntrl}]", "");
    }
}
