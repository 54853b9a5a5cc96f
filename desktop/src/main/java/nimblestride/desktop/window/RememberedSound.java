package nimblestride.desktop.window;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.ThreadLocalRandom;
import java.util.stream.Collectors;
import nimblestride.core.band.Band;
import nimblestride.core.band.Key;
import nimblestride.core.band.Mode;
import nimblestride.core.value.NoteValue;
import nimblestride.desktop.play.Devices;
import nimblestride.desktop.play.PlaySettings;
import nimblestride.sound.render.Click;
import nimblestride.sound.render.Mix;
import nimblestride.sound.render.Silence;

/**
 * What is remembered of how things sound: the click, the count-in, the band, how loud voices, click and band are against each other,
 * the sound card and its latency. How loud all of it is, is not: each time begins low.
 *
 * @param countIn in bars
 * @param latency in milliseconds
 */
record RememberedSound(Click click, int countIn, Optional<Band> band, Mix levels, int latency, Optional<String> card) {
    static final RememberedSound USUAL =
            new RememberedSound(Click.USUAL, 0, Optional.empty(), Mix.EVEN, 0, Optional.empty());

    private static final String VOICE = "level.voice.";

    /** What is missing or makes no sense is as usual. */
    static RememberedSound read(Properties properties) {
        try {
            return new RememberedSound(
                    click(properties),
                    number(properties, "sound.countIn", 8),
                    band(properties),
                    levels(properties),
                    number(properties, "sound.latency", 1_000),
                    Optional.ofNullable(properties.getProperty("sound.card")));
        } catch (IllegalArgumentException | ArithmeticException e) {
            return USUAL;
        }
    }

    private static int number(Properties properties, String key, int most) {
        return Math.max(0, Math.min(most, Integer.parseInt(properties.getProperty(key, "0"))));
    }

    private static Click click(Properties properties) {
        List<String> levels =
                List.of(properties.getProperty("click.levels", "BAR,GROUP").split(",", -1));
        Click click = Click.NONE;
        for (Click.Level level : Click.Level.values()) {
            click = click.with(level, levels.contains(level.name()));
        }
        String[] silence = properties.getProperty("click.silence", "0 of 1").split(" of ", -1);
        boolean byChance = silence[0].endsWith("%");
        Silence silent = byChance
                ? new Silence.AtRandom(
                        Integer.parseInt(silence[0].substring(0, silence[0].length() - 1)),
                        ThreadLocalRandom.current().nextLong())
                : new Silence.Regular(Integer.parseInt(silence[0]), Integer.parseInt(silence[1]));
        return click.silent(silent)
                .onceIn(Integer.parseInt(properties.getProperty("click.every", "1")))
                .pulsing(NoteValue.parse(properties.getProperty("click.pulse", "1/4")));
    }

    private static Optional<Band> band(Properties properties) {
        String line = properties.getProperty("band.line", "");
        if (line.isEmpty()) {
            return Optional.empty();
        }
        String pulse = properties.getProperty("band.pulse", "");
        Key key = new Key(
                Integer.parseInt(properties.getProperty("band.tonic", "0")),
                Mode.valueOf(properties.getProperty("band.mode", Mode.MAJOR.name())));
        return Optional.of(new Band(
                Band.Line.valueOf(line),
                key,
                pulse.isEmpty() ? Optional.empty() : Optional.of(NoteValue.parse(pulse))));
    }

    private static Mix levels(Properties properties) {
        Mix mix = Mix.EVEN
                .withClick(Double.parseDouble(properties.getProperty("level.click", "1")))
                .withBand(Double.parseDouble(properties.getProperty("level.band", "1")));
        for (String key : properties.stringPropertyNames()) {
            if (key.startsWith(VOICE)) {
                double level = Double.parseDouble(properties.getProperty(key));
                mix = mix.voices(voices -> voices.with(key.substring(VOICE.length()), level));
            }
        }
        return mix;
    }

    void write(Properties properties) {
        properties.setProperty(
                "click.levels",
                Arrays.stream(Click.Level.values())
                        .filter(click.levels()::contains)
                        .map(Click.Level::name)
                        .collect(Collectors.joining(",")));
        properties.setProperty(
                "click.silence",
                click.silence() instanceof Silence.AtRandom random
                        ? random.percent() + "%"
                        : told((Silence.Regular) click.silence()));
        properties.setProperty("click.every", Integer.toString(click.everyBars()));
        properties.setProperty("click.pulse", click.pulse().toString());
        properties.setProperty("level.click", Double.toString(levels.click()));
        properties.setProperty("level.band", Double.toString(levels.band()));
        levels.voices().levels().forEach((voice, level) -> properties.setProperty(VOICE + voice, level.toString()));
        properties.setProperty("sound.countIn", Integer.toString(countIn));
        properties.setProperty("sound.latency", Integer.toString(latency));
        card.ifPresent(name -> properties.setProperty("sound.card", name));
        band.ifPresent(playing -> {
            properties.setProperty("band.line", playing.line().name());
            properties.setProperty("band.tonic", Integer.toString(playing.key().tonic()));
            properties.setProperty("band.mode", playing.key().mode().name());
            playing.pulse().ifPresent(pulse -> properties.setProperty("band.pulse", pulse.toString()));
        });
    }

    private static String told(Silence.Regular silence) {
        return silence.bars() + " of " + silence.of();
    }

    static RememberedSound of(PlaySettings settings, Devices devices) {
        return new RememberedSound(
                settings.clicking().get(),
                settings.countIn().get(),
                settings.band().get(),
                settings.mix().get().lasting(),
                devices.latency().get(),
                devices.outputs().chosen());
    }

    void apply(PlaySettings settings, Devices devices) {
        settings.clicking().set(click);
        settings.countIn().set(countIn);
        settings.band().set(band);
        settings.mix().set(levels);
        devices.latency().set(latency);
        devices.outputs().choose(card);
    }
}
