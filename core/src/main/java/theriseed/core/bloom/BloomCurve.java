package theriseed.core.bloom;

/** How bloom swells and fades over its window; u is the share of the window passed, 0 outside (0, 1). */
public enum BloomCurve {
    FLAT {
        @Override
        double inside(double u) {
            return 1;
        }

        @Override
        double passedInside(double u) {
            return u;
        }
    },
    TRIANGLE {
        @Override
        double inside(double u) {
            return 1 - Math.abs(2 * u - 1);
        }

        @Override
        double passedInside(double u) {
            return u < 0.5 ? 2 * u * u : 1 - 2 * (1 - u) * (1 - u);
        }
    },
    BELL {
        @Override
        double inside(double u) {
            double s = Math.sin(Math.PI * u);
            return s * s;
        }

        @Override
        double passedInside(double u) {
            return u - Math.sin(2 * Math.PI * u) / (2 * Math.PI);
        }
    };

    abstract double inside(double u);

    abstract double passedInside(double u);

    /** Intensity at u, 0 to 1. */
    public double at(double u) {
        return u <= 0 || u >= 1 ? 0 : inside(u);
    }

    /** Share of all bloom that is over at u, 0 to 1. */
    public double passed(double u) {
        return u <= 0 ? 0 : u >= 1 ? 1 : passedInside(u);
    }
}
