package theriseed.server.weather;

import java.time.LocalDate;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.Weather;

/**
 * A simulated weather station: the farm's usual year with warm and cold spells about it, the same for the same day
 * every time. It measures nothing.
 */
public final class SimulatedStation implements WeatherStation {
    private static final double SPELL_C = 2.2;
    private static final double DAY_C = 1.4;
    private static final int SPELL_DAYS = 9;

    private final ClimateNormals normals;

    public SimulatedStation(ClimateNormals normals) {
        this.normals = normals;
    }

    @Override
    public String name() {
        return "simulated station";
    }

    @Override
    public Weather.Day of(LocalDate day) {
        long number = day.toEpochDay();
        long spell = Math.floorDiv(number, SPELL_DAYS);
        double passed = Math.floorMod(number, SPELL_DAYS) / (double) SPELL_DAYS;
        double swing = SPELL_C * (chance(spell, 1) * (1 - passed) + chance(spell + 1, 1) * passed);
        double mean = normals.dayMean(day.getDayOfYear()) + swing + DAY_C * chance(number, 2);
        double half = normals.half() * (1 + 0.3 * chance(number, 3));
        return new Weather.Day(tenth(mean - half), tenth(mean + half));
    }

    /** Between -1 and 1, for a number and a purpose always the same. */
    private static double chance(long number, int purpose) {
        long mixed = (number * 31 + purpose) * 0x9E3779B97F4A7C15L;
        mixed ^= mixed >>> 29;
        mixed *= 0xBF58476D1CE4E5B9L;
        mixed ^= mixed >>> 32;
        return (mixed & 0xFFFF) / 32767.5 - 1;
    }

    private static double tenth(double value) {
        return Math.rint(value * 10) / 10;
    }
}
