package nimblestride.sound.play;

import static nimblestride.core.language.text.Examples.exercise;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.Receiver;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.language.text.TempoText;
import nimblestride.sound.kit.Impulses;
import nimblestride.sound.kit.PadHit;
import nimblestride.sound.kit.Sounds;
import nimblestride.sound.midi.MidiPort;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.PlaybackRequest;
import org.junit.jupiter.api.Test;

class PlayerTest {
    private static final RecordedKit KIT = RecordedKit.shipped(AudioOutput.USUAL_RATE);

    private static PlaybackRequest at(String tempo) {
        return new PlaybackRequest(
                exercise("4/4", "kick every 1/4").withTempo(TempoText.read(tempo)), ClickSettings.DEFAULT);
    }

    /** Waits for something that is sure to come. */
    private static void until(BooleanSupplier there) {
        long latest = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        while (!there.getAsBoolean() && System.nanoTime() < latest) {
            LockSupport.parkNanos(1_000_000);
        }
        assertThat(there.getAsBoolean()).isTrue();
    }

    private static double moment(Player player) {
        return player.heard().map(AudiblePosition::moment).orElse(-1.0);
    }

    @Test
    void playsWhatIsRenderedAndTellsWhatIsHeard() throws InterruptedException {
        Card card = new Card("card", 2);
        try (Player player = new Player(() -> card, rate -> KIT)) {
            assertThat(player.heard()).isEmpty();
            assertThat(player.status()).isEmpty();
            player.start(at("60"));
            until(card::isFull);
            PlayerStatus status = player.status().orElseThrow();
            assertThat(status.output()).isEqualTo("card");
            assertThat(status.heard()).isTrue();
            assertThat(status.lost()).isZero();
            assertThat(player.isPlaying()).isTrue();
            // Two seconds at 60 quarters a minute are half a whole note, less what a busy machine kept it waiting.
            double heard = moment(player);
            assertThat(heard).isBetween(0.25, 0.5);
            player.setLatency(500);
            assertThat(heard - moment(player)).isCloseTo(0.125, within(1e-9));
            player.stop();
            assertThat(player.isPlaying()).isFalse();
        }
        assertThat(card.isClosed()).isTrue();
        assertThat(IntStream.range(0, 2_000).map(card::sample)).anyMatch(sample -> sample != 0);
    }

    @Test
    void theSilentClockKeepsTimeAndStopsAtOnce() throws InterruptedException {
        try (Player player = new Player(SilentOutput::new, rate -> KIT)) {
            player.start(at("999"));
            player.change(at("500"));
            until(() -> moment(player) >= 0.5);
            assertThat(player.status().orElseThrow().heard()).isFalse();
            player.start(at("60"));
            assertThat(moment(player)).isLessThan(0.5);
            player.stop();
            player.stop();
            assertThat(player.heard()).isEmpty();
        }
    }

    /** Cards that are there, each with whether another program has taken it. */
    private static SoundCards cards(Map<String, Boolean> taken) {
        return new SoundCards(new SoundCards.Cards() {
            @Override
            public List<String> names() {
                return List.copyOf(taken.keySet());
            }

            @Override
            public Optional<AudioOutput> open(String name) {
                return Optional.of(name)
                        .filter(one -> !taken.getOrDefault(one, true))
                        .map(one -> new Card(one, 1));
            }
        });
    }

    @Test
    void whereThereIsNoSoundCardTheSilentClockStandsIn() {
        for (SoundCards none : List.of(cards(Map.of()), cards(Map.of("taken", true)))) {
            AudioOutput out = none.open();
            assertThat(out.isHeard()).isFalse();
            assertThat(none.betterThan(out)).isEmpty();
        }
    }

    @Test
    void theCardThatIsChosenIsPlayedThroughOrElseAnother() {
        SoundCards cards = cards(new TreeMap<>(Map.of("a taken one", true, "built in", false, "pads", false)));
        assertThat(cards.open().name()).isEqualTo("built in");
        cards.choose("pads");
        assertThat(cards.open().name()).isEqualTo("pads");
        assertThat(cards.betterThan(new Card("built in", 1)).orElseThrow().name())
                .isEqualTo("pads");
        assertThat(cards.betterThan(new Card("pads", 1))).isEmpty();
        cards.choose("one that is not there");
        assertThat(cards.open().name()).isEqualTo("built in");
        assertThat(cards.betterThan(new Card("built in", 1))).isEmpty();
    }

    /** The system's own cards, whatever they are: what it lists it can be asked for. */
    @Test
    void theSystemsCardsAnswer() {
        SystemSoundCards system = new SystemSoundCards();
        assertThat(system.names()).doesNotContainNull();
        assertThat(system.open("one that is not there")).isEmpty();
    }

    /** Pulled out while it plays: the next output goes on from where it was, without beginning again. */
    @Test
    void anOutputThatGoesAwayGivesWayToAnother() throws InterruptedException {
        Card first = new Card("first", 20);
        Card second = new Card("second", 20);
        List<AudioOutput> outs = Collections.synchronizedList(new ArrayList<>(List.of(first, second)));
        try (Player player = new Player(() -> outs.remove(0), rate -> KIT)) {
            player.start(at("240"));
            until(() -> moment(player) > 0.5);
            first.pullOut();
            until(() -> player.status().orElseThrow().output().equals("second"));
            double now = moment(player);
            assertThat(now).isGreaterThan(0.45);
            assertThat(player.status().orElseThrow().lost()).isEqualTo(1);
            assertThat(first.isClosed()).isTrue();
            until(() -> moment(player) > now + 1);
        }
        assertThat(IntStream.range(0, AudioOutput.USUAL_RATE).map(second::sample))
                .anyMatch(sample -> sample != 0);
    }

    /** A card that is plugged in while the silent clock stands in is heard from then on. */
    @Test
    void aBetterOutputIsGoneOverTo() throws InterruptedException {
        Card card = new Card("plugged in", 20);
        AudioOutputs outputs = new AudioOutputs() {
            @Override
            public AudioOutput open() {
                return new SilentOutput();
            }

            @Override
            public Optional<AudioOutput> betterThan(AudioOutput playing) {
                return playing.isHeard() ? Optional.empty() : Optional.of(card);
            }
        };
        try (Player player = new Player(outputs, rate -> KIT)) {
            player.start(at("240"));
            until(() -> player.status().orElseThrow().output().equals("plugged in"));
            assertThat(moment(player)).isGreaterThan(0.5);
            assertThat(player.status().orElseThrow().lost()).isZero();
        }
    }

    @Test
    void whatIsStruckIsHeardAtOnceAlsoWhileNothingPlays() throws InterruptedException {
        Card card = new Card("card", 1);
        try (Player player = new Player(() -> card, rate -> KIT)) {
            player.strike(new PadHit(Kit.SNARE, Dynamic.NORMAL));
            player.listen();
            player.listen();
            assertThat(player.isPlaying()).isFalse();
            assertThat(player.heard()).isEmpty();
            player.strike(new PadHit(Kit.SNARE, Dynamic.NORMAL));
            until(card::isFull);
            player.start(at("240"));
            assertThat(player.isPlaying()).isTrue();
        }
        assertThat(IntStream.range(0, AudioOutput.USUAL_RATE).map(card::sample))
                .anyMatch(sample -> Math.abs(sample) > 3_000);
    }

    /** The kick on each quarter, keys of General MIDI 1, each when it is heard, and none left sounding in the end. */
    @Test
    void aMidiInstrumentIsPlayedAlong() throws InterruptedException {
        List<Integer> sent = Collections.synchronizedList(new ArrayList<>());
        Receiver receiver = new Receiver() {
            @Override
            public void send(MidiMessage message, long when) {
                sent.add(message.getMessage()[0] & 255);
                sent.add(message.getMessage()[1] & 255);
            }

            @Override
            public void close() {
                sent.add(-1);
            }
        };
        try (Player player = new Player(SilentOutput::new, rate -> KIT)) {
            player.playTo(new MidiPort("module", receiver));
            player.start(new PlaybackRequest(
                    exercise("4/4", "kick every 1/4").withTempo(TempoText.read("480")), ClickSettings.NONE));
            until(() -> sent.stream().filter(part -> part == 0x99).count() >= 3);
            assertThat(moment(player)).isGreaterThanOrEqualTo(0.49);
        }
        long on = sent.stream().filter(part -> part == 0x99).count();
        assertThat(sent.stream().filter(part -> part == 0x89).count()).isGreaterThanOrEqualTo(on);
        assertThat(sent).startsWith(0x99, 36).endsWith(-1);
    }

    /** A take that can't be rendered stops, and says why. */
    @Test
    void whatCannotBeRenderedIsTold() throws InterruptedException {
        try (Player player = new Player(
                SilentOutput::new,
                rate -> new Impulses(
                        voice -> {
                            throw new IllegalStateException("no sound of " + voice);
                        },
                        click -> 1,
                        1))) {
            player.start(at("240"));
            until(() -> !player.isPlaying());
            assertThat(player.problem().orElseThrow())
                    .contains("I can't play this because something in the program broke. See Help >");
        }
    }

    /** The defect: a rendering that failed late stopped the take that played by then. */
    @Test
    void aTakeThatFailsLateStopsNoNewerOne() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch fail = new CountDownLatch(1);
        AtomicBoolean first = new AtomicBoolean(true);
        CountDownLatch reported = new CountDownLatch(1);
        Thread.UncaughtExceptionHandler before = Thread.getDefaultUncaughtExceptionHandler();
        Thread.setDefaultUncaughtExceptionHandler((thread, problem) -> reported.countDown());
        try (Player player = new Player(
                SilentOutput::new,
                rate -> new Impulses(
                        voice -> {
                            if (first.getAndSet(false)) {
                                begun.countDown();
                                await(fail);
                                throw new IllegalStateException("no sound of " + voice);
                            }
                            return 1;
                        },
                        click -> 1,
                        1))) {
            player.start(at("240"));
            await(begun);
            player.start(at("240"));
            fail.countDown();
            await(reported);
            assertThat(player.isPlaying()).isTrue();
            assertThat(player.problem()).isEmpty();
        } finally {
            Thread.setDefaultUncaughtExceptionHandler(before);
        }
    }

    private static void await(CountDownLatch latch) {
        try {
            assertThat(latch.await(60, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A driver that fails in a way nobody foresaw: it is closed, and the music goes on through another output. */
    @Test
    void anOutputThatFailsIsClosedAndAnotherPlaysOn() throws InterruptedException {
        Card good = new Card("good", 20);
        AtomicBoolean closed = new AtomicBoolean();
        AudioOutput bad = new AudioOutput() {
            @Override
            public int sampleRate() {
                return USUAL_RATE;
            }

            @Override
            public int buffer() {
                return 0;
            }

            @Override
            public String name() {
                return "bad";
            }

            @Override
            public boolean isHeard() {
                return true;
            }

            @Override
            public void write(byte[] samples, int length) {
                throw new IllegalStateException("the driver is gone");
            }

            @Override
            public long heard() {
                return 0;
            }

            @Override
            public void close() {
                closed.set(true);
            }
        };
        List<AudioOutput> outs = Collections.synchronizedList(new ArrayList<>(List.of(bad, good)));
        try (Player player = new Player(() -> outs.remove(0), rate -> KIT)) {
            player.start(at("240"));
            until(() -> moment(player) > 0.5);
            assertThat(player.status().orElseThrow().output()).isEqualTo("good");
        }
        assertThat(closed).isTrue();
        assertThat(good.isClosed()).isTrue();
    }

    /**
     * A card of 44,100 Hz plays at its own rate: the status says so. When it is pulled out, a card of 48,000 Hz gets the
     * same music, and the beat goes on.
     */
    @Test
    void eachCardGetsItsOwnRateAndAnotherOneTakesOver() throws InterruptedException {
        Card first = new Card("first", 60, 44_100);
        Card second = new Card("second", 60, 48_000);
        List<AudioOutput> outs = Collections.synchronizedList(new ArrayList<>(List.of(first, second)));
        List<Integer> rates = Collections.synchronizedList(new ArrayList<>());
        Sounds sounds = rate -> {
            rates.add(rate);
            return Impulses.ALIKE;
        };
        try (Player player = new Player(() -> outs.remove(0), sounds)) {
            player.start(at("240"));
            until(() -> moment(player) > 0.5);
            PlayerStatus status = player.status().orElseThrow();
            assertThat(status.sampleRate()).isEqualTo(44_100);
            assertThat(status.buffer()).isEqualTo(2_205);
            first.pullOut();
            double before = moment(player);
            until(() -> player.status().orElseThrow().output().equals("second") && moment(player) > before + 1);
            assertThat(rates).containsOnly(44_100);
        }
        assertThat(IntStream.range(0, 48_000).map(second::sample)).anyMatch(sample -> sample > 1_000);
    }

    /** A card of 11,025 Hz and no card at all both play the whole kit. */
    @Test
    void aSlowCardPlaysTheRecordedKit() throws InterruptedException {
        Card slow = new Card("slow", 20, 11_025);
        try (Player player = new Player(() -> slow, RecordedKit::shipped)) {
            player.start(at("240"));
            until(() -> moment(player) > 2);
            assertThat(player.problem()).isEmpty();
        }
        assertThat(IntStream.range(0, 11_025).map(slow::sample)).anyMatch(sample -> sample > 1_000);
    }
}
