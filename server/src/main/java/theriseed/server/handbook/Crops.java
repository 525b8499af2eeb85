package theriseed.server.handbook;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Stamps;

/**
 * The crops of the table that ships with the app, with the farm's own figures where it has some; a table that cannot be
 * right stops the start. The farm's figures are looked up once in a transaction.
 */
@Service
public class Crops {
    private final CropTable table = CropTable.shipped();
    private final OwnFigureRepository figures;
    private final Corrections corrections;
    private final Stamps stamps;
    private final Changes.Kinds own;

    Crops(OwnFigureRepository figures, Corrections corrections, Stamps stamps, Changes changes) {
        this.figures = figures;
        this.corrections = corrections;
        this.stamps = stamps;
        this.own = changes.of(OwnFigure.class);
    }

    /** The records of the farm's own figures. */
    public Changes.Kinds records() {
        return own;
    }

    /** A crop as this farm knows it. */
    public Crop get(String key) {
        Crop own = own().get(key);
        return own == null ? general(key) : own;
    }

    /** A crop as it is generally known, for its names. */
    public Crop general(String key) {
        return table.find(key).orElseThrow(NotFound.of("crop"));
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
        return table.otherwise(key, own);
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
        TransactionSynchronizationManager.unbindResourceIfPossible(this);
        return view(key, figure, figures.saveAndFlush(own));
    }

    /** Crops whose name, species, family or another name holds what was typed, in the order of the table. */
    public List<Crop> matching(String typed) {
        String wanted = typed.strip().toLowerCase(Locale.ROOT);
        return table.all().stream().filter(crop -> holds(crop, wanted)).toList();
    }

    /** Other crops of the same group, and those whose pollen it takes in part. */
    public List<Crop> crossingWith(Crop crop) {
        return table.all().stream()
                .filter(other -> !other.key().equals(crop.key()) && crop.takesPollenOf(other) > 0)
                .toList();
    }

    @SuppressWarnings("unchecked")
    private Map<String, Crop> own() {
        Object known = TransactionSynchronizationManager.getResource(this);
        if (known != null) {
            return (Map<String, Crop>) known;
        }
        Map<String, Map<Figure, Double>> byCrop = new HashMap<>();
        figures.findByValueNotNull()
                .forEach(own -> byCrop.computeIfAbsent(own.cropKey(), key -> new EnumMap<>(Figure.class))
                        .put(own.figure(), own.value()));
        Map<String, Crop> crops = new HashMap<>();
        byCrop.forEach((key, own) -> crops.put(key, table.otherwise(key, own)));
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.bindResource(this, crops);
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCompletion(int status) {
                    TransactionSynchronizationManager.unbindResourceIfPossible(Crops.this);
                }
            });
        }
        return crops;
    }

    private FigureView view(String key, Figure figure, OwnFigure own) {
        var general = table.general(key, figure);
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
