package theriseed.core.crop;

import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Where growers of good name disagree about a crop, so that a grower sees that a figure of the table is a choice. From
 * general practice and bulletins; none of them is proven against the others.
 */
public final class Schools {
    private static final Set<String> STRICT_BY_KILOMETRES =
            Set.of("beta-vulgaris", "spinacia-oleracea", "brassica-oleracea", "brassica-rapa", "zea-mays");
    private static final Set<String> HARDLY_CROSSING = Set.of("tomato", "pea", "common-bean");
    private static final Set<String> LIFTED_OR_LEFT =
            Set.of("beetroot", "carrot", "onion", "cabbage", "swede", "turnip", "winter-radish", "celeriac", "chicory");
    private static final Set<String> LEFT_AS_A_RULE = Set.of("parsnip", "leek", "kale", "brussels-sprout");
    private static final Set<String> CRACKS_WHEN_HOT =
            Set.of("pea", "common-bean", "runner-bean", "broad-bean", "cowpea", "soybean");

    private Schools() {}

    /**
     * A question on which schools differ.
     *
     * @param question in a few words
     * @param answers one for each school, the more careful last
     */
    public record Difference(String question, List<String> answers) {}

    private record Rule(Predicate<Crop> concerns, Difference difference) {
        static Rule of(Predicate<Crop> concerns, String question, String... answers) {
            return new Rule(concerns, new Difference(question, List.of(answers)));
        }
    }

    private static final List<Rule> RULES = List.of(
            Rule.of(
                    crop -> HARDLY_CROSSING.contains(crop.key()),
                    "how far apart",
                    "next to each other, since nearly every flower is pollinated within itself",
                    "10 to 50 m where bumblebees or leaf-cutter bees are busy"),
            Rule.of(
                    crop -> crop.crossingGroup().startsWith("capsicum"),
                    "how far apart",
                    "15 m between varieties",
                    "up to 500 m, since bees visit peppers in some places and not in others"),
            Rule.of(
                    crop -> crop.key().equals("lettuce"),
                    "how far apart",
                    "a metre, so that stalks do not lean into each other",
                    "50 m"),
            Rule.of(
                    crop -> crop.isolation().isPresent()
                            && crop.crossesFreely()
                            && !crop.crossingGroup().startsWith("capsicum")
                            && !STRICT_BY_KILOMETRES.contains(crop.crossingGroup()),
                    "how far apart",
                    "150 to 800 m, as those write who grow for the house",
                    "500 to 1,600 m, as those ask who certify",
                    "a tall barrier or a large block is commonly said to do for half the distance: not proven"),
            Rule.of(
                    crop -> STRICT_BY_KILOMETRES.contains(crop.crossingGroup()),
                    "how far apart",
                    "some hundred metres for the house",
                    "500 to 1,600 m, as those ask who certify",
                    "3 km and more, as strict breeders keep; up to 8 km for beet and spinach"),
            Rule.of(
                    crop -> crop.grownFromSeed() && !crop.crossesFreely(),
                    "how many plants",
                    "1 to 6 keep a pure line",
                    "20 to 50 for a lot that is sold",
                    "60 and more where the variety is to keep its diversity"),
            Rule.of(
                    crop -> crop.grownFromSeed()
                            && crop.crossesFreely()
                            && !crop.family().equals("Cucurbitaceae"),
                    "how many plants",
                    "12 to 20 are called enough by some who grow for the house",
                    "80 to 200, and maize above 200; the same seed from each counts for more than many plants"),
            Rule.of(
                    crop -> crop.family().equals("Cucurbitaceae"),
                    "how many plants",
                    "6, since inbreeding harms gourds little",
                    "20 to 50, as seed banks keep them"),
            Rule.of(
                    crop -> crop.key().contains("tomato") && crop.seedProcess().isPresent(),
                    "ferment or not",
                    "2 to 4 days, as nearly all do; stirred daily, no water added",
                    "acid or an enzyme instead, for stock seed"),
            Rule.of(
                    crop -> Set.of(
                                    "melon",
                                    "watermelon",
                                    "squash-maxima",
                                    "squash-moschata",
                                    "courgette",
                                    "pumpkin-pepo")
                            .contains(crop.key()),
                    "ferment or not",
                    "wash at once; seed without a hull is never fermented",
                    "12 to 48 hours: it cleans more easily and carries less disease on its skin"),
            Rule.of(
                    crop -> Set.of("aubergine", "tomatillo", "cape-gooseberry").contains(crop.key()),
                    "ferment or not",
                    "blend, pour off and dry",
                    "ferment a day first"),
            Rule.of(
                    crop -> crop.seedProcess().isPresent(),
                    "how warm to dry",
                    "32, then 38, then 43 °C as it dries",
                    "32 to 35 °C throughout; damp seed takes less"),
            Rule.of(
                    crop -> CRACKS_WHEN_HOT.contains(crop.key()),
                    "how fast to dry",
                    "warm and dry air, as for other seed",
                    "never above 35 °C nor in air below 15 % humidity: large seed cracks"),
            Rule.of(
                    crop -> Floating.of(crop) == Floating.FAIR_HINT,
                    "does floating tell",
                    "it cleans fairly well after a short stir, and dry at once",
                    "it never tells what is alive: old seed sinks too"),
            Rule.of(
                    crop -> Floating.of(crop) == Floating.SAYS_NOTHING,
                    "does floating tell",
                    "throw out what floats",
                    "keep it: sound seed of this crop floats for the air it holds; only a germination test tells"),
            Rule.of(
                    crop -> LIFTED_OR_LEFT.contains(crop.key()),
                    "in the ground or lifted",
                    "left where it grows, for bulk seed from good stock: bigger plants, less work, chosen by winter alone",
                    "lifted, judged and replanted, for stock: the root is seen, but work and rot in store cost"),
            Rule.of(
                    crop -> LEFT_AS_A_RULE.contains(crop.key()),
                    "in the ground or lifted",
                    "left where it grows, as most do",
                    "lifted to choose the best, where the root or shaft must be seen"),
            Rule.of(
                    crop -> Set.of("dill", "fennel").contains(crop.key()),
                    "do dill and fennel cross",
                    "trials do not show it",
                    "growers say they do, and keep them apart"),
            Rule.of(
                    crop -> crop.key().equals("endive"),
                    "does it take chicory’s pollen",
                    "hardly",
                    "more than hardly, some report"),
            Rule.of(
                    crop -> crop.key().equals("spinach"),
                    "which males stay",
                    "all of them",
                    "one for two or three females"),
            Rule.of(
                    crop -> crop.seedProcess().isPresent(),
                    "how long seed keeps",
                    "as long as the table says",
                    "half or twice as long, by other lists: test before you sow or sell"));

    /** Where schools differ about a crop. */
    public static List<Difference> about(Crop crop) {
        return RULES.stream()
                .filter(rule -> rule.concerns().test(crop))
                .map(Rule::difference)
                .toList();
    }
}
