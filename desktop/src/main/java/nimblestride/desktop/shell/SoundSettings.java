package nimblestride.desktop.shell;

import java.util.Arrays;
import java.util.Optional;
import java.util.concurrent.ThreadLocalRandom;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.band.BackingBand;
import nimblestride.core.kit.band.BandKey;
import nimblestride.core.kit.band.BandTime;
import nimblestride.core.kit.band.Mode;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.PlaybackSettings;
import nimblestride.formats.json.JsonNodeReader;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.midi.PadResponse;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.Mix;
import nimblestride.sound.render.SilentBars;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The sound settings that are saved: click, count-in, band, mix, audio output, latency, and pads. The volume is not saved:
 * each session starts low.
 *
 * @param countIn in bars
 * @param latency in milliseconds
 */
record SoundSettings(
        ClickSettings click,
        int countIn,
        Optional<BackingBand> band,
        Mix levels,
        int latency,
        Optional<String> card,
        PadResponse pads) {
    static final SoundSettings DEFAULT = new SoundSettings(
            ClickSettings.DEFAULT, 0, Optional.empty(), Mix.IN_A_ROOM, 0, Optional.empty(), PadResponse.DEFAULT);

    private static final int MAX_COUNT_IN = 8;
    private static final int MAX_LATENCY = 1_000;
    private static final int MAX_VOICES = 1_000;
    private static final int MAX_NOTES = 128;

    /** @throws StrideException if any value is missing or out of range */
    static SoundSettings read(JsonNodeReader place) {
        return new SoundSettings(
                click(place.member("click")),
                (int) place.member("countIn").number(0, MAX_COUNT_IN),
                place.optional("band", SoundSettings::band),
                levels(place.member("levels")),
                (int) place.member("latency").number(0, MAX_LATENCY),
                place.optional("card", JsonNodeReader::text),
                place.optional("pads", SoundSettings::pads).orElse(PadResponse.DEFAULT));
    }

    private static PadResponse pads(JsonNodeReader place) {
        return place.make(() -> {
            PadResponse pads = PadResponse.DEFAULT
                    .with(place.member("touch").oneOf(PadResponse.Touch.class))
                    .withCrossTalk(place.member("crossTalk").whole());
            for (JsonNodeReader note : place.member("notes").items(MAX_NOTES)) {
                pads = pads.learned(
                        note.member("note").whole(), note.member("voice").text());
            }
            return pads;
        });
    }

    private static ClickSettings click(JsonNodeReader place) {
        ClickSettings click = ClickSettings.NONE;
        for (JsonNodeReader level : place.member("levels").items(ClickSettings.Level.values().length)) {
            click = click.with(level(level), true);
        }
        ClickSettings chosen = click;
        return place.make(() -> chosen.silent(silence(place.member("silence")))
                .onceIn(place.member("every").whole())
                .pulsing(place.member("pulse").noteValue())
                .on(place.optional("sound", sound -> sound.oneOf(ClickSound.class))
                        .orElse(ClickSound.TONES)));
    }

    /** Reads a level; earlier versions called the beats groups. */
    private static ClickSettings.Level level(JsonNodeReader place) {
        return place.text().equals("GROUP") ? ClickSettings.Level.BEAT : place.oneOf(ClickSettings.Level.class);
    }

    private static SilentBars silence(JsonNodeReader place) {
        return place.has("percent")
                ? new SilentBars.AtRandom(
                        place.member("percent").whole(),
                        ThreadLocalRandom.current().nextLong())
                : new SilentBars.Regular(
                        place.member("bars").whole(), place.member("of").whole());
    }

    private static BackingBand band(JsonNodeReader place) {
        return place.make(() -> new BackingBand(
                place.member("line").oneOf(BackingBand.Line.class),
                new BandKey(place.member("tonic").whole(), place.member("mode").oneOf(Mode.class)),
                bandTime(place)));
    }

    private static BandTime bandTime(JsonNodeReader place) {
        if (place.has("pulse")) {
            return new BandTime.Pulse(place.member("pulse").noteValue());
        }
        return place.has("riff") && place.member("riff").truth() ? BandTime.RIFF : BandTime.BEATS;
    }

    private static Mix levels(JsonNodeReader place) {
        return place.make(() -> {
            Mix mix = Mix.IN_A_ROOM
                    .withClick(place.member("click").number(0, Double.MAX_VALUE))
                    .withBand(place.member("band").number(0, Double.MAX_VALUE));
            if (place.has("room")) {
                mix = mix.withRoom(place.member("room").number(0, Double.MAX_VALUE));
            }
            for (JsonNodeReader voice : place.member("voices").items(MAX_VOICES)) {
                String name = voice.member("voice").text();
                double level = voice.member("level").number(0, Double.MAX_VALUE);
                mix = mix.voices(voices -> voices.with(name, level));
            }
            return mix;
        });
    }

    void write(ObjectNode node) {
        ObjectNode clicking = node.putObject("click");
        ArrayNode clicked = clicking.putArray("levels");
        Arrays.stream(ClickSettings.Level.values())
                .filter(click.levels()::contains)
                .forEach(level -> clicked.add(level.name()));
        ObjectNode silence = clicking.putObject("silence");
        if (click.silence() instanceof SilentBars.AtRandom random) {
            silence.put("percent", random.percent());
        } else if (click.silence() instanceof SilentBars.Regular regular) {
            silence.put("bars", regular.bars()).put("of", regular.of());
        }
        clicking.put("every", click.everyBars());
        clicking.put("pulse", click.pulse().toString());
        clicking.put("sound", click.sound().name());
        ObjectNode mix = node.putObject("levels");
        mix.put("click", levels.click());
        mix.put("band", levels.band());
        mix.put("room", levels.room());
        ArrayNode voices = mix.putArray("voices");
        levels.voices().levels().forEach((voice, level) -> voices.addObject()
                .put("voice", voice)
                .put("level", level));
        node.put("countIn", countIn);
        node.put("latency", latency);
        card.ifPresent(name -> node.put("card", name));
        band.ifPresent(playing -> {
            ObjectNode written = node.putObject("band");
            written.put("line", playing.line().name());
            written.put("tonic", playing.key().tonic());
            written.put("mode", playing.key().mode().name());
            if (playing.time() instanceof BandTime.Pulse pulse) {
                written.put("pulse", pulse.value().toString());
            } else if (playing.time() instanceof BandTime.Riff) {
                written.put("riff", true);
            }
        });
        ObjectNode padded = node.putObject("pads");
        padded.put("touch", pads.touch().name());
        padded.put("crossTalk", pads.crossTalk());
        ArrayNode notes = padded.putArray("notes");
        pads.voices()
                .forEach((note, voice) -> notes.addObject().put("note", note).put("voice", voice));
    }

    static SoundSettings of(PlaybackSettings settings, PlaybackDevices devices) {
        return new SoundSettings(
                settings.clickingProperty().get(),
                settings.countInProperty().get(),
                settings.bandProperty().get(),
                settings.mixProperty().get().lasting(),
                devices.latencyProperty().get(),
                devices.outputs().chosen(),
                devices.responseProperty().get());
    }

    void apply(PlaybackSettings settings, PlaybackDevices devices) {
        settings.clickingProperty().set(click);
        settings.countInProperty().set(countIn);
        settings.bandProperty().set(band);
        settings.mixProperty().set(levels);
        devices.latencyProperty().set(latency);
        devices.responseProperty().set(pads);
        card.ifPresentOrElse(devices.outputs()::choose, devices.outputs()::chooseAny);
    }
}
