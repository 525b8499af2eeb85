package theriseed.core.isolation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;
import theriseed.core.crop.ByGrade;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Grade;
import theriseed.core.measure.Range;

/**
 * Estimated share of seed crossed from outside, for comparing choices on one farm; good to a factor of three. Not a
 * certificate, not a promise of purity, not for legal thresholds: wind, the routes of bees and pollen from beyond the
 * map are not in it.
 *
 * <p>A kernel c(d) that falls exponentially with the root of the distance (Clark 1998; Austerlitz et al. 2004), drawn piece
 * by piece through the natural crossing beside a large neighbour and through what each grade allows at the distance it asks:
 * so the estimate and the distances cannot contradict each other. Beyond the last point its slope goes on.
 */
public final class PollenFlow {
    /** The band of the estimate: times and divided by. */
    public static final double BAND = 3;

    private static final double SHARE_FLOOR = 0.05;
    private static final Range METRES = Range.of(0, 100_000, "m");
    private static final Range AREA = Range.above(0, 1e9, "m2");
    private static final Range SHARE = Range.of(0, 1, "");
    private static final Range HELD = Range.of(0, Barrier.MOST_HELD, "");

    private final double adjacent;
    private final List<Piece> pieces;

    /** How much crosses at a distance. @param share of the seed, above 0 to 1 */
    public record Point(double metres, double share) {
        public Point {
            Range.of(0, 20_000, "m").check("at", metres);
            Range.above(0, 1, "").check("share", share);
        }
    }

    /** From where its logarithm falls in a straight line over the root of the distance. */
    private record Piece(double root, double log, double slope) {
        double at(double root) {
            return Math.exp(log + slope * (root - this.root));
        }

        /** Of c over metres, up to a constant. */
        double integral(double metres) {
            double y = Math.sqrt(metres);
            return 2 * at(y) * (slope * y - 1) / (slope * slope);
        }
    }

    private PollenFlow(double adjacent, List<Piece> pieces) {
        this.adjacent = adjacent;
        this.pieces = pieces;
    }

    /**
     * Through these points; those that allow more than crosses at all, or that would not fall, are left out, and of equal
     * distances the strictest counts.
     *
     * @param adjacent natural crossing beside a large neighbour, above 0 to 1
     * @throws theriseed.core.measure.OutOfRange where no point is left to fall to
     */
    public static PollenFlow through(double adjacent, List<Point> points) {
        Range.above(0, 1, "").check("c0", adjacent);
        List<Piece> pieces = new ArrayList<>();
        double root = 0;
        double log = Math.log(adjacent);
        List<Point> nearestFirst = points.stream()
                .filter(point -> point.share() < adjacent)
                .sorted(Comparator.comparingDouble(Point::metres).thenComparingDouble(Point::share))
                .toList();
        for (Point point : nearestFirst) {
            double next = Math.sqrt(point.metres());
            double lower = Math.log(point.share());
            if (next > root && lower < log) {
                pieces.add(new Piece(root, log, (lower - log) / (next - root)));
                root = next;
                log = lower;
            } else if (next == 0 && lower < log) {
                log = lower;
            }
        }
        Range.of(1, 1000, "points").check("at", pieces.size());
        Piece last = pieces.get(pieces.size() - 1);
        pieces.add(new Piece(root, log, last.slope()));
        return new PollenFlow(adjacent, List.copyOf(pieces));
    }

    /**
     * Through one point.
     *
     * @param target crossing at the required distance, 0 to adjacent
     * @param requiredMetres above 0 up to 20 000
     */
    public static PollenFlow calibrated(double adjacent, double target, double requiredMetres) {
        Range.above(0, 1, "").check("c0", adjacent);
        Range.between(0, adjacent, "").check("target", target);
        Range.above(0, 20_000, "m").check("Dreq", requiredMetres);
        return through(adjacent, List.of(new Point(requiredMetres, target)));
    }

    /** Through what each grade allows of a crop at the distance it asks. */
    public static PollenFlow of(Crop crop) {
        double adjacent = crop.naturalOutcrossing();
        ByGrade asked = crop.isolation().orElseThrow();
        boolean falls = Arrays.stream(Grade.values())
                .anyMatch(grade -> grade.crossingAllowed() < adjacent && asked.of(grade) > 0);
        return falls
                ? through(
                        adjacent,
                        Arrays.stream(Grade.values())
                                .map(grade -> new Point(asked.of(grade), grade.crossingAllowed()))
                                .toList())
                : calibrated(adjacent, adjacent / 2, Math.max(1, asked.market()));
    }

    /** Crossing from a large neighbour blooming all the time, at that distance. */
    public double at(double metres) {
        double root = Math.sqrt(METRES.check("d", metres));
        return pieceAt(root).at(root);
    }

    private Piece pieceAt(double root) {
        int at = pieces.size() - 1;
        while (at > 0 && root < pieces.get(at).root()) {
            at--;
        }
        return pieces.get(at);
    }

    /** Metres at which a large neighbour's crossing has fallen to so small a share; 0 where it never was above it. */
    public double metresUntil(double share) {
        double log = Math.log(Range.above(0, Double.MAX_VALUE, "").check("share", share));
        if (log >= pieces.get(0).log()) {
            return 0;
        }
        int at = pieces.size() - 1;
        while (at > 0 && log > pieces.get(at).log()) {
            at--;
        }
        Piece piece = pieces.get(at);
        double root = piece.root() + (log - piece.log()) / piece.slope();
        return root * root;
    }

    /**
     * One source of foreign pollen.
     *
     * @param metres edge to edge
     * @param area flowering square metres (or plants, as long as the recipient is counted alike), above 0
     * @param overlap share of the recipient's bloom it covers, 0 to 1
     * @param barrier share of pollen held back, 0 to 0.9
     * @param compatibility share of a full cross, 0 to 1
     */
    public record Source(double metres, double area, double overlap, double barrier, double compatibility) {
        public Source {
            METRES.check("d", metres);
            AREA.check("area", area);
            SHARE.check("W", overlap);
            HELD.check("barrier", barrier);
            SHARE.check("k", compatibility);
        }
    }

    /** Crossing from one source on a recipient of that area. */
    public double from(Source source, double recipientArea) {
        AREA.check("recipient_area", recipientArea);
        return at(source.metres())
                * share(source.area(), recipientArea)
                * source.overlap()
                * (1 - source.barrier())
                * source.compatibility();
    }

    /** Share of the pollen about a recipient that is a source's, by their flowers: never all of it, never none. */
    static double share(double area, double recipientArea) {
        return Math.min(1 - SHARE_FLOOR, Math.max(SHARE_FLOOR, area / (area + recipientArea)));
    }

    /** All sources together, never more than the crop outcrosses at all. */
    public double total(List<Source> sources, double recipientArea, double outcrossing) {
        return together(sources.stream().mapToDouble(source -> from(source, recipientArea)), outcrossing);
    }

    /** Shares of the seed crossed by each of several sources, together; never more than the crop outcrosses at all. */
    static double together(DoubleStream shares, double outcrossing) {
        double untouched = shares.map(share -> Math.log1p(-share)).sum();
        return Math.min(0 - Math.expm1(untouched), outcrossing);
    }

    /**
     * Mean crossing of the seed kept when the outer rows facing a source are not harvested.
     *
     * @param metres from the source to the facing edge
     * @param depth of the planting behind that edge, metres
     * @param dropped metres of depth given up, at least 0; where nothing is left behind them, that of the far edge
     */
    public double meanBehind(double metres, double depth, double dropped) {
        METRES.check("d", metres);
        Range.above(0, 10_000, "m").check("depth", depth);
        double from = metres + Range.of(0, 10_000, "m").check("discard", dropped);
        double to = metres + depth;
        return from >= to ? at(to) : (integral(to) - integral(from)) / (to - from);
    }

    /** From beside a neighbour to a distance, piece by piece. */
    private double integral(double metres) {
        double sum = 0;
        double root = Math.sqrt(metres);
        for (int i = 0; i < pieces.size() && pieces.get(i).root() < root; i++) {
            Piece piece = pieces.get(i);
            double end =
                    i + 1 < pieces.size() ? Math.min(root, pieces.get(i + 1).root()) : root;
            sum += piece.integral(end * end) - piece.integral(piece.root() * piece.root());
        }
        return sum;
    }
}
