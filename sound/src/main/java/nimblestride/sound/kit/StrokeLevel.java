package nimblestride.sound.kit;

import nimblestride.core.kit.stroke.Dynamic;

/**
 * How much softer than the loudest a stroke is, by its dynamic. Steps of three decibels and more can be heard with eyes
 * closed.
 */
public final class StrokeLevel {
    private StrokeLevel() {}

    /** Returns the level, from 0 to 1. */
    public static float of(Dynamic dynamic) {
        return (float) Math.pow(10, decibels(dynamic) / 20);
    }

    private static double decibels(Dynamic dynamic) {
        return switch (dynamic) {
            case GHOST -> -20;
            case SOFT -> -13;
            case NORMAL -> -7;
            case ACCENT -> -3;
            case STRONG -> 0;
        };
    }
}
