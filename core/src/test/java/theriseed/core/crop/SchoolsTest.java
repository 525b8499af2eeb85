package theriseed.core.crop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class SchoolsTest {
    private static List<String> questions(String key) {
        return Schools.about(CropTable.shipped().find(key).orElseThrow()).stream()
                .map(Schools.Difference::question)
                .toList();
    }

    @Test
    void everyQuestionIsAskedOnceOfACropAndHasTwoAnswersOrMore() {
        for (Crop crop : CropTable.shipped().all()) {
            List<Schools.Difference> about = Schools.about(crop);
            assertThat(about)
                    .extracting(Schools.Difference::question)
                    .as(crop.key())
                    .doesNotHaveDuplicates();
            assertThat(about).allSatisfy(one -> assertThat(one.answers()).hasSizeGreaterThan(1));
        }
    }

    @Test
    void whatOthersDoIsSaidWhereItConcernsTheCrop() {
        assertThat(questions("tomato"))
                .contains("how far apart", "how many plants", "ferment or not", "how warm to dry");
        assertThat(questions("beetroot")).contains("in the ground or lifted").doesNotContain("ferment or not");
        assertThat(questions("fennel")).contains("do dill and fennel cross");
        assertThat(questions("kale")).as("floating does fairly").contains("does floating tell");
        assertThat(questions("basil")).as("nobody says").doesNotContain("does floating tell");
        assertThat(questions("garlic")).as("kept by its bulbs").isEmpty();
    }
}
