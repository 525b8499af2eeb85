package theriseed.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.crop.Grade;
import theriseed.core.isolation.Verdict;
import theriseed.core.isolation.WaysOut;
import theriseed.server.base.Maybe;

/**
 * A way out of a threat, with all that is needed to try it and to keep it.
 *
 * @param targetId what would be otherwise: the planting itself, another, or a neighbour's crop
 * @param itself whether it is the planting that was asked about
 * @param hours of work, roughly
 * @param verdict of the planting asked about, then
 * @param crossing estimated share of its seed crossed, then
 * @param helpsAgainst names of what threatens it less then
 * @param losesSeed whether a seed crop would give no seed this season
 * @param plantingId the planting that changes; absent when a neighbour is asked
 * @param then that planting as it would be planned
 * @param targetVersion version of the target this was reckoned from
 */
public record WayView(
        Kind kind,
        UUID targetId,
        WaysOut.Source target,
        String targetName,
        boolean itself,
        double hours,
        Verdict verdict,
        double crossing,
        List<String> helpsAgainst,
        boolean losesSeed,
        WayFigures figures,
        @Maybe UUID plantingId,
        @Maybe PlantingRequest then,
        int targetVersion) {

    /** What would be done. */
    public enum Kind {
        MOVE,
        SHIFT,
        CAGE,
        BAG,
        HAND_POLLINATE,
        EAT_FIRST,
        DROP_ROWS,
        ANOTHER_YEAR,
        LOWER_GRADE,
        ASK_NEIGHBOUR,
        PULL_VOLUNTEERS
    }

    /**
     * Its figures, as far as the kind has them.
     *
     * @param days later, or earlier below 0
     * @param by day on which or before which it is done
     * @param place ground in words
     * @param metres to the nearest threat on that ground, or of rows dropped on each side
     * @param area square metres of net
     * @param weeks the net stands
     * @param count boxes of insects, clusters, flowers, or the last season in which stored seed germinates
     * @param fruits wanted
     * @param share of the seed given up
     */
    public record WayFigures(
            @Maybe Integer days,
            @Maybe LocalDate by,
            @Maybe String place,
            @Maybe Double metres,
            @Maybe Double area,
            @Maybe Integer weeks,
            @Maybe Integer count,
            @Maybe Integer fruits,
            @Maybe Double share,
            @Maybe Grade grade) {}

    /** The figures of a way, gathered before it is shown. */
    static final class Figures {
        private Integer days;
        private LocalDate by;
        private String place;
        private Double metres;
        private Double area;
        private Integer weeks;
        private Integer count;
        private Integer fruits;
        private Double share;
        private Grade grade;

        Figures days(int value) {
            this.days = value;
            return this;
        }

        Figures by(LocalDate value) {
            this.by = value;
            return this;
        }

        Figures place(String value, double nearest) {
            this.place = value;
            this.metres = nearest;
            return this;
        }

        Figures metres(double value) {
            this.metres = value;
            return this;
        }

        Figures area(double value) {
            this.area = value;
            return this;
        }

        Figures weeks(int value) {
            this.weeks = value;
            return this;
        }

        Figures count(int value) {
            this.count = value;
            return this;
        }

        Figures fruits(int value) {
            this.fruits = value;
            return this;
        }

        Figures share(double value) {
            this.share = value;
            return this;
        }

        Figures grade(Grade value) {
            this.grade = value;
            return this;
        }

        WayFigures view() {
            return new WayFigures(days, by, place, metres, area, weeks, count, fruits, share, grade);
        }
    }
}
