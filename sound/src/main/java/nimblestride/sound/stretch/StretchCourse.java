package nimblestride.sound.stretch;

/** Says which part of a recording is heard when. Both ways rise, and agree with each other. */
public interface StretchCourse {
    /** Returns the place in the recording, in its samples, that is heard at a frame. */
    double sourceAt(double frame);

    /** Returns the frame at which a place in the recording is heard. */
    double frameAt(double source);
}
