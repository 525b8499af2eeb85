package theriseed.core.crop;

import java.util.Set;

/**
 * What it means when seed of a crop floats. It is a help in cleaning and never a test of life: sinking does not mean alive,
 * aged and heated seed sinks. Sorted by kinds from practice.
 */
public enum Floating {
    /** Floating seed is mostly empty or dead: it may be poured off. */
    FAIR_HINT,
    /** Good seed of this kind floats too: nothing is to be poured off by that. */
    SAYS_NOTHING,
    /** Not known of this kind: keep what floats and test it. */
    NOT_KNOWN;

    private static final Set<String> FAIR = Set.of(
            "tomato",
            "currant-tomato",
            "cucumber",
            "melon",
            "watermelon",
            "onion",
            "leek",
            "pea",
            "common-bean",
            "runner-bean",
            "broad-bean",
            "sweetcorn",
            "flour-maize");
    private static final Set<String> GOOD_SEED_FLOATS = Set.of(
            "courgette",
            "pumpkin-pepo",
            "squash-maxima",
            "squash-moschata",
            "squash-argyrosperma",
            "luffa",
            "bottle-gourd",
            "sweet-pepper",
            "hot-pepper",
            "chinense-pepper",
            "bird-pepper",
            "baccatum-pepper",
            "rocoto-pepper",
            "aubergine",
            "lettuce",
            "endive",
            "chicory",
            "sunflower",
            "zinnia",
            "calendula",
            "carrot",
            "parsnip",
            "dill",
            "fennel",
            "coriander",
            "parsley",
            "celery",
            "celeriac",
            "beetroot",
            "chard",
            "spinach",
            "orache",
            "nasturtium",
            "hollyhock",
            "new-zealand-spinach");

    /** Its seed turns to jelly in water. */
    private static final String SWELLS = "garden-cress";

    public static Floating of(Crop crop) {
        boolean cabbageKind =
                crop.family().equals("Brassicaceae") && !crop.key().equals(SWELLS);
        if (FAIR.contains(crop.key()) || cabbageKind) {
            return FAIR_HINT;
        }
        return GOOD_SEED_FLOATS.contains(crop.key()) ? SAYS_NOTHING : NOT_KNOWN;
    }
}
