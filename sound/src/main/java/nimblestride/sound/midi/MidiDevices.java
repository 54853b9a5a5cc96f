package nimblestride.sound.midi;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.function.Predicate;
import java.util.function.Supplier;
import javax.sound.midi.MidiDevice;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.MidiUnavailableException;
import javax.sound.midi.Receiver;
import nimblestride.sound.kit.PadHit;

/** Lists and opens the machine's MIDI instruments and pads, by name. */
public final class MidiDevices {
    private MidiDevices() {}

    /** A connection that lasts until it is closed. */
    public interface Connection extends AutoCloseable {
        @Override
        void close();
    }

    /** Returns the instruments available now. */
    public static List<String> instruments() {
        return names(device -> device.getMaxReceivers() != 0);
    }

    /** Returns the pads available now. */
    public static List<String> pads() {
        return names(device -> device.getMaxTransmitters() != 0);
    }

    private static List<String> names(Predicate<MidiDevice> kind) {
        List<String> names = new ArrayList<>();
        for (MidiDevice.Info info : MidiSystem.getMidiDeviceInfo()) {
            try {
                if (kind.test(MidiSystem.getMidiDevice(info)) && !isSequencer(info)) {
                    names.add(info.getName());
                }
            } catch (MidiUnavailableException | IllegalArgumentException e) {
                // It has gone since it was listed.
            }
        }
        return names;
    }

    /**
     * Returns whether a device is Java's own sequencer, which is listed as an instrument and as pads but is neither.
     */
    private static boolean isSequencer(MidiDevice.Info info) throws MidiUnavailableException {
        return MidiSystem.getMidiDevice(info) instanceof javax.sound.midi.Sequencer;
    }

    private static MidiDevice find(String name, Predicate<MidiDevice> kind) throws MidiUnavailableException {
        for (MidiDevice.Info info : MidiSystem.getMidiDeviceInfo()) {
            MidiDevice device = MidiSystem.getMidiDevice(info);
            if (info.getName().equals(name) && kind.test(device)) {
                return device;
            }
        }
        throw new MidiUnavailableException("no MIDI device is named " + name + " now");
    }

    /**
     * Opens an instrument.
     *
     * @throws MidiUnavailableException if it is missing or in use
     */
    public static MidiPort open(String name) throws MidiUnavailableException {
        MidiDevice device = find(name, one -> one.getMaxReceivers() != 0);
        device.open();
        Receiver receiver = device.getReceiver();
        return new MidiPort(name, new Receiver() {
            @Override
            public void send(javax.sound.midi.MidiMessage message, long microseconds) {
                if (device.isOpen()) {
                    receiver.send(message, microseconds);
                }
            }

            @Override
            public void close() {
                receiver.close();
                device.close();
            }
        });
    }

    /**
     * Listens to a pad or keyboard.
     *
     * @param response how the pads are heard now
     * @param struck receives each hit, on a thread of the device
     * @param learn receives the MIDI note of each hit first, on that thread
     * @throws MidiUnavailableException if it is missing or in use
     */
    public static Connection listen(
            String name, Supplier<PadResponse> response, Consumer<PadHit> struck, IntConsumer learn)
            throws MidiUnavailableException {
        MidiDevice device = find(name, one -> one.getMaxTransmitters() != 0);
        device.open();
        device.getTransmitter().setReceiver(new MidiPads(response, struck, learn, System::nanoTime));
        return device::close;
    }
}
