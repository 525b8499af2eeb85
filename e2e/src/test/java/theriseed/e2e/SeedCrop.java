package theriseed.e2e;

import java.util.List;

/**
 * A made-up seed crop to take the whole way, with what is typed on each page.
 *
 * @param crop as the list of crops shows it
 * @param setOutOn empty when sown in the open
 * @param offEast metres east of the farm's spot, where nothing of its group is near
 */
record SeedCrop(
        String crop,
        String variety,
        int season,
        String sownOn,
        String setOutOn,
        int plants,
        int offEast,
        String stage,
        String pickedOn,
        String picked,
        List<Work> chain,
        List<String> hundreds,
        String clean) {

    /** One step: what it is called, what comes out and in which unit, what leaves it, water added. */
    record Work(String step, String out, String unit, String left, String leftUnit, String water) {
        static Work dry(String step, String out, String left) {
            return new Work(step, out, "g", left, "g", "");
        }
    }

    static SeedCrop tomato(String variety, int season, String pickedOn) {
        return new SeedCrop(
                "Tomato, Solanum lycopersicum",
                variety,
                season,
                season + "-03-12",
                season + "-05-20",
                24,
                3000,
                "ripe fruit",
                pickedOn,
                "36.2",
                List.of(
                        new Work("Extract", "6.1", "kg", "30.1", "kg", ""),
                        new Work("Ferment", "5.9", "kg", "", "", ""),
                        new Work("Rinse and pour off", "560", "g", "3.1", "kg", "11"),
                        new Work("Dry", "204", "g", "", "", "")),
                List.of("0.294", "0.291", "0.297", "0.293"),
                "204 g");
    }

    static SeedCrop kale(String variety, int season, String pickedOn) {
        return new SeedCrop(
                "Kale, Brassica oleracea",
                variety,
                season,
                (season - 1) + "-07-05",
                "",
                74,
                4000,
                "first flower",
                pickedOn,
                "9.8",
                List.of(
                        Work.dry("Dry", "8300", ""),
                        Work.dry("Thresh", "2900", "5300"),
                        Work.dry("Screen", "2300", "580"),
                        Work.dry("Winnow", "2150", "145"),
                        Work.dry("Hand-pick", "2140", "8"),
                        Work.dry("Dry", "2100", "")),
                List.of("0.331", "0.329", "0.334", "0.330"),
                "2.1 kg");
    }
}
