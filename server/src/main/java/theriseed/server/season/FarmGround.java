package theriseed.server.season;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import theriseed.core.ground.Place;
import theriseed.core.ground.Site;
import theriseed.core.isolation.Barrier;
import theriseed.core.isolation.Barriers;
import theriseed.server.base.Refused;
import theriseed.server.ground.BarrierView;
import theriseed.server.ground.BedView;
import theriseed.server.ground.Ground;
import theriseed.server.ground.PlotView;

/** The farm's ground as plantings see it: every plot and bed there ever was, and the barriers that stand. */
record FarmGround(Map<UUID, PlotView> plots, Map<UUID, BedView> beds, List<BarrierView> standing) {
    static FarmGround of(Ground ground) {
        return new FarmGround(ground.plotsById(), ground.bedsById(), ground.barriers());
    }

    Barriers barriers() {
        return new Barriers(standing.stream()
                .map(barrier -> new Barrier(barrier.place(), barrier.held()))
                .toList());
    }

    PlotView plot(UUID id) {
        PlotView plot = plots.get(id);
        if (plot == null) {
            throw new Refused("plotId", id, "planting.noPlot");
        }
        return plot;
    }

    /** The ground a planting takes. */
    Site site(Where where) {
        if (where.stretches().isEmpty()) {
            return Site.of(plot(where.plotId()).place());
        }
        List<Place> parts = new ArrayList<>();
        for (Stretch stretch : where.stretches()) {
            Place bed = bed(where, stretch).place();
            boolean whole = stretch.from() <= 0 && stretch.to() >= Math.floor(bed.length());
            parts.add(whole ? bed : bed.stretch(stretch.from(), stretch.to()));
        }
        return new Site(parts);
    }

    private BedView bed(Where where, Stretch stretch) {
        BedView bed = beds.get(stretch.bedId());
        if (bed == null || !bed.plotId().equals(where.plotId())) {
            throw new Refused("stretches", stretch.bedId(), "planting.noBed");
        }
        return bed;
    }

    /** Plot and beds in words: {@code Plot 3, bed 2 and bed 4 from 0 to 15 m}. */
    String words(Where where) {
        String plot = plot(where.plotId()).name();
        if (where.stretches().isEmpty()) {
            return plot;
        }
        return plot + ", "
                + where.stretches().stream()
                        .map(stretch -> words(bed(where, stretch), stretch))
                        .collect(Collectors.joining(" and "));
    }

    private static String words(BedView bed, Stretch stretch) {
        String name =
                bed.name().substring(0, 1).toLowerCase(Locale.ROOT) + bed.name().substring(1);
        boolean whole = stretch.from() <= 0 && stretch.to() >= Math.floor(bed.length());
        return whole ? name : name + " from " + metres(stretch.from()) + " to " + metres(stretch.to()) + " m";
    }

    private static String metres(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
