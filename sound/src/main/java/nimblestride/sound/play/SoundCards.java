package nimblestride.sound.play;

import java.util.List;
import java.util.Optional;

/** Opens the machine's sound cards: the chosen one, else any, else a silent output. */
public final class SoundCards implements AudioOutputs {
    private final Cards cards;
    private volatile Optional<String> chosen = Optional.empty();

    /** Lists and opens the cards the machine has now. */
    interface Cards {
        List<String> names();

        /** Opens a card; returns empty if it is missing, busy, or can't play this format. */
        Optional<AudioOutput> open(String name);
    }

    /** Uses the cards of this machine. */
    public SoundCards() {
        this(new SystemSoundCards());
    }

    SoundCards(Cards cards) {
        this.cards = cards;
    }

    @Override
    public List<String> names() {
        return cards.names();
    }

    @Override
    public void choose(String name) {
        chosen = Optional.of(name);
    }

    @Override
    public void chooseAny() {
        chosen = Optional.empty();
    }

    @Override
    public Optional<String> chosen() {
        return chosen;
    }

    @Override
    public AudioOutput open() {
        return best().orElseGet(SilentOutput::new);
    }

    @Override
    public Optional<AudioOutput> betterThan(AudioOutput playing) {
        boolean asChosen = chosen.isEmpty() || chosen.get().equals(playing.name());
        if (playing.isHeard() && asChosen) {
            return Optional.empty();
        }
        return playing.isHeard() ? cards.open(chosen.get()) : best();
    }

    private Optional<AudioOutput> best() {
        Optional<AudioOutput> wanted = chosen.flatMap(cards::open);
        return wanted.isPresent()
                ? wanted
                : cards.names().stream()
                        .map(cards::open)
                        .flatMap(Optional::stream)
                        .findFirst();
    }
}
