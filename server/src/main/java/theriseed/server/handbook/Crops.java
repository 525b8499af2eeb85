package theriseed.server.handbook;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Figure;
import theriseed.server.base.Changes;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.Kept;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;

/**
 * The crops of the table that ships with the app and those of the farm's own, with the farm's own figures where it has
 * some; a table that cannot be right stops the start. What is the farm's own is looked up once in a transaction.
 */
@Service
public class Crops {
    /** Characters. */
    private static final int LONGEST_KEY = 40;

    private final CropTable shipped = CropTable.shipped();
    private final OwnCropRepository ownCrops;
    private final OwnFigureRepository figures;
    private final Corrections corrections;
    private final Stamps stamps;
    private final Changes.Kinds own;
    private final Kept<String, CropTable> tables;

    Crops(
            OwnCropRepository ownCrops,
            OwnFigureRepository figures,
            Corrections corrections,
            Stamps stamps,
            Changes changes) {
        this.ownCrops = ownCrops;
        this.figures = figures;
        this.corrections = corrections;
        this.stamps = stamps;
        this.own = changes.of(OwnFigure.class, OwnCrop.class);
        this.tables = new Kept<>(changes.of(OwnCrop.class), 1);
    }

    /** The records of the farm's own crops and figures. */
    public Changes.Kinds records() {
        return own;
    }

    /** A crop as this farm knows it. */
    public Crop get(String key) {
        Known known = known();
        Crop own = known.own().get(key);
        return own != null ? own : known.table().find(key).orElseThrow(NotFound.of("crop"));
    }

    /** A crop as it is generally known, for its names. */
    public Crop general(String key) {
        return table().find(key).orElseThrow(NotFound.of("crop"));
    }

    /** A crop as it would be with one figure otherwise; null for the general one. */
    @ReadsOnly
    public Crop with(String key, Figure figure, Double value) {
        Map<Figure, Double> own = new EnumMap<>(Figure.class);
        figures.findByCropKey(general(key).key()).stream()
                .filter(known -> known.value() != null)
                .forEach(known -> own.put(known.figure(), known.value()));
        own.remove(figure);
        if (value != null) {
            own.put(figure, value);
        }
        return table().otherwise(key, own);
    }

    /** Every figure of a crop that a farm may know better. */
    @ReadsOnly
    public List<FigureView> figures(String key) {
        general(key);
        Map<Figure, OwnFigure> own =
                figures.findByCropKey(key).stream().collect(Collectors.toMap(OwnFigure::figure, Function.identity()));
        return Arrays.stream(Figure.values())
                .map(figure -> view(key, figure, own.get(figure)))
                .toList();
    }

    /** Keeps a figure of the farm's own with its reason; null gives the general one back its place. */
    @GrowersWork
    @Transactional
    public FigureView keep(String key, Figure figure, Double value, int version, String reason) {
        with(key, figure, value);
        OwnFigure own =
                figures.findByCropKeyAndFigure(key, figure).orElseGet(() -> new OwnFigure(key, figure, stamps.now()));
        Clash.check(own, version, view(key, figure, own));
        Map<String, Object> before = own.facts();
        own.become(value, reason);
        corrections.keep("figure", own.id(), before, own.facts(), reason);
        forget();
        return view(key, figure, figures.saveAndFlush(own));
    }

    /** Crops whose name, species, family or another name holds what was typed, in the order of the table. */
    public List<Crop> matching(String typed) {
        String wanted = typed.strip().toLowerCase(Locale.ROOT);
        return table().all().stream().filter(crop -> holds(crop, wanted)).toList();
    }

    /** Other crops of the same group, and those whose pollen it takes in part. */
    public List<Crop> crossingWith(Crop crop) {
        return table().all().stream()
                .filter(other -> !other.key().equals(crop.key()) && crop.takesPollenOf(other) > 0)
                .toList();
    }

    /** Whether a crop is the farm's own. */
    public boolean isOwn(String key) {
        return shipped.find(key).isEmpty();
    }

    /** A crop of the farm's own, with what is its own of it. */
    @ReadsOnly
    public OwnCropView own(String key) {
        OwnCrop own = ownCrops.findByKey(key).orElseThrow(NotFound.of("crop"));
        Map<String, String> usual = shipped.cells(own.like());
        Map<String, String> cells = own.cells();
        return new OwnCropView(
                own.id(),
                own.version(),
                key,
                own.like(),
                shipped.find(own.like()).orElseThrow().name(),
                CropTable.columns().stream()
                        .map(column -> new OwnCropView.Cell(
                                column, usual.getOrDefault(column, "").strip(), cells.get(column)))
                        .toList());
    }

    /** Begins a crop of the farm's own from one that ships with the app. @param cells that are its own, its name among them */
    @GrowersWork
    @Transactional
    public OwnCropView begin(String like, Map<String, String> cells) {
        shipped.find(like).orElseThrow(NotFound.of("crop"));
        String name = cells.getOrDefault("name", "").strip();
        String key = keyOf(name);
        table().all().stream()
                .filter(crop -> crop.key().equals(key) || crop.name().equalsIgnoreCase(name))
                .findFirst()
                .ifPresent(crop -> {
                    throw new Refused("name", name, "crop.nameTaken", "crop", crop.name());
                });
        OwnCrop own = new OwnCrop(key, like, stamps.now());
        own.become(checked(key, like, cells));
        ownCrops.saveAndFlush(own);
        forget();
        return own(key);
    }

    /** Says what is otherwise of a crop of the farm's own. @param cells all that are its own */
    @GrowersWork
    @Transactional
    public OwnCropView correct(String key, Map<String, String> cells, int version, String reason) {
        OwnCrop own = ownCrops.findByKey(key).orElseThrow(NotFound.of("crop"));
        Clash.check(own, version, own(key));
        Map<String, Object> before = own.facts();
        own.become(checked(key, own.like(), cells));
        corrections.keep("crop", own.id(), before, own.facts(), reason);
        ownCrops.saveAndFlush(own);
        forget();
        return own(key);
    }

    /** Cells that differ from those of the crop it is like, once they make a crop. */
    private Map<String, String> checked(String key, String like, Map<String, String> cells) {
        Map<String, String> usual = shipped.cells(like);
        Map<String, String> own = new TreeMap<>();
        cells.forEach((column, cell) -> {
            String stripped = cell.strip();
            if (column.equals("name")
                    || !stripped.equals(usual.getOrDefault(column, "").strip())) {
                own.put(column, stripped);
            }
        });
        shipped.with(List.of(new CropTable.OwnCrop(key, like, own)));
        return own;
    }

    private static String keyOf(String name) {
        String letters = Normalizer.normalize(name, Normalizer.Form.NFD).replaceAll("\\p{M}", "");
        String key =
                letters.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        if (key.isEmpty() || key.length() > LONGEST_KEY) {
            throw new Refused("name", name, "crop.name", "most", LONGEST_KEY);
        }
        return key;
    }

    private CropTable table() {
        return known().table();
    }

    /** The crops as they are known, and those with figures of the farm's own. */
    private record Known(CropTable table, Map<String, Crop> own) {}

    private Known known() {
        Known known = (Known) TransactionSynchronizationManager.getResource(this);
        if (known != null) {
            return known;
        }
        CropTable table = tables.of(
                "",
                () -> shipped.with(ownCrops.findAllByOrderByKey().stream()
                        .map(OwnCrop::row)
                        .toList()));
        Map<String, Map<Figure, Double>> byCrop = new HashMap<>();
        figures.findByValueNotNull()
                .forEach(own -> byCrop.computeIfAbsent(own.cropKey(), key -> new EnumMap<>(Figure.class))
                        .put(own.figure(), own.value()));
        Map<String, Crop> crops = new HashMap<>();
        byCrop.forEach((key, own) -> crops.put(key, table.otherwise(key, own)));
        Known found = new Known(table, crops);
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.bindResource(this, found);
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCompletion(int status) {
                    forget();
                }
            });
        }
        return found;
    }

    /** What was looked up in this transaction holds no longer. */
    private void forget() {
        TransactionSynchronizationManager.unbindResourceIfPossible(this);
    }

    private FigureView view(String key, Figure figure, OwnFigure own) {
        var general = table().general(key, figure);
        return new FigureView(
                figure,
                figure.unit(),
                general.isPresent() ? general.getAsDouble() : null,
                own == null ? null : own.value(),
                own == null ? null : own.reason(),
                own == null ? null : own.id(),
                own == null ? 0 : own.version());
    }

    private static boolean holds(Crop crop, String wanted) {
        return crop.name().toLowerCase(Locale.ROOT).contains(wanted)
                || crop.species().toLowerCase(Locale.ROOT).contains(wanted)
                || crop.family().toLowerCase(Locale.ROOT).contains(wanted)
                || crop.aliases().stream()
                        .anyMatch(alias -> alias.toLowerCase(Locale.ROOT).contains(wanted));
    }
}
