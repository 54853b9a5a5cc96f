package nimblestride.desktop.app;

import java.awt.image.BufferedImage;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;

/** Copies what is on the screen, so that it can be written as a file. */
final class Snapshot {
    private Snapshot() {}

    static BufferedImage of(WritableImage image) {
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        PixelReader pixels = image.getPixelReader();
        BufferedImage copy = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                copy.setRGB(x, y, pixels.getArgb(x, y));
            }
        }
        return copy;
    }
}
