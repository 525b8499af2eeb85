package theriseed.core.ground;

import java.util.List;

/** The ground a planting takes: a plot, or one or more beds or stretches of beds. */
public record Site(List<Place> parts) {
    public Site {
        parts = List.copyOf(parts);
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("a site has a part");
        }
    }

    public static Site of(Place place) {
        return new Site(List.of(place));
    }

    /** The shortest way from any part of this to any part of the other. */
    public ShortestWay wayTo(Site other) {
        ShortestWay shortest = null;
        for (Place part : parts) {
            for (Place theirs : other.parts) {
                ShortestWay way = part.wayTo(theirs);
                if (shortest == null || way.metres() < shortest.metres()) {
                    shortest = way;
                }
            }
        }
        return shortest;
    }

    /** Metres from edge to edge; 0 where they touch. */
    public double metresTo(Site other) {
        return wayTo(other).metres();
    }

    /** The same shape so many metres east and north. */
    public Site off(LocalPlane plane, double east, double north) {
        return new Site(parts.stream().map(part -> part.off(plane, east, north)).toList());
    }

    /** All its ground, square metres. */
    public double squareMetres() {
        return parts.stream().mapToDouble(Place::squareMetres).sum();
    }

    /** Width of its narrowest part across, metres; 0 for a spot. */
    public double narrowSide() {
        return parts.stream().mapToDouble(Place::narrowSide).min().orElse(0);
    }
}
