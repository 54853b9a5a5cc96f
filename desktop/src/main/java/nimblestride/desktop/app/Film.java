package nimblestride.desktop.app;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.util.Duration;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;

/** A short silent film of what is on the screen: an animated GIF that repeats. */
final class Film {
    private static final Duration STEP = Duration.millis(90);
    private static final int PER_SECOND = 100;
    private static final double NANOS = 1e9;
    /** Makes it repeat without end (GIF89a application extension). */
    private static final byte[] AGAIN = {1, 0, 0};

    private final List<BufferedImage> frames = new ArrayList<>();
    private final List<Long> taken = new ArrayList<>();

    /**
     * Takes frames for a while.
     *
     * @param then runs at the end
     */
    void shoot(Node node, Duration length, Runnable then) {
        Timeline timeline = new Timeline(new KeyFrame(STEP, event -> {
            frames.add(Snapshot.of(node.snapshot(null, null)));
            taken.add(System.nanoTime());
        }));
        timeline.setCycleCount((int) (length.toMillis() / STEP.toMillis()));
        timeline.setOnFinished(event -> then.run());
        timeline.play();
    }

    /** Writes it. Each frame stays as long as it was on the screen, to a hundredth of a second. */
    void write(Path file) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
        try (OutputStream bytes = Files.newOutputStream(file);
                ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.prepareWriteSequence(null);
            for (int i = 0; i + 1 < frames.size(); i++) {
                writer.writeToSequence(new IIOImage(frames.get(i), null, metadata(writer, i)), null);
            }
            writer.endWriteSequence();
        } finally {
            writer.dispose();
        }
    }

    private IIOMetadata metadata(ImageWriter writer, int frame) throws IOException {
        IIOMetadata metadata =
                writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(frames.get(frame)), null);
        String format = metadata.getNativeMetadataFormatName();
        IIOMetadataNode root = (IIOMetadataNode) metadata.getAsTree(format);
        IIOMetadataNode shown = (IIOMetadataNode)
                root.getElementsByTagName("GraphicControlExtension").item(0);
        long length = Math.round((taken.get(frame + 1) - taken.get(frame)) / NANOS * PER_SECOND);
        shown.setAttribute("delayTime", Long.toString(length));
        if (frame == 0) {
            IIOMetadataNode again = new IIOMetadataNode("ApplicationExtension");
            again.setAttribute("applicationID", "ANIMEXTS");
            again.setAttribute("authenticationCode", "1.0");
            again.setUserObject(AGAIN);
            IIOMetadataNode extensions = new IIOMetadataNode("ApplicationExtensions");
            extensions.appendChild(again);
            root.appendChild(extensions);
        }
        metadata.setFromTree(format, root);
        return metadata;
    }
}
