package craftmap.server.print;

import craftmap.core.artwork.Pixels;
import craftmap.core.lay.rule.PageSet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.LayReading;
import craftmap.server.artwork.StoredArtwork;
import craftmap.server.paper.Paper;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.util.Matrix;

/** An enlarged image over office pages. */
final class ImagePages {
  private ImagePages() {}

  static byte[] pdf(LayReading reading, Optional<StoredArtwork> artwork, Paper paper)
      throws IOException {
    if (!(reading instanceof LayReading.Laid laid)
        || !(laid.chosen().arrangement() instanceof PageSet set)) {
      throw new RefusedInput(
          "Lay", reading.lay().id(), "is no image over pages", "an enlarged image");
    }
    TrueSizePages.Layout layout =
        TrueSizePages.Layout.of(
            paper, set.lying(), set.overlapMm(), set.imageWidthMm(), set.imageHeightMm());
    return TrueSizePages.pdf(
        laid.design().name(),
        layout,
        (document, out) -> {
          if (artwork.isPresent()) {
            PDImageXObject image =
                LosslessFactory.createFromImage(document, image(artwork.get().finePixels()));
            // an image is drawn upwards, and here y goes down
            out.drawImage(
                image,
                new Matrix(
                    (float) set.imageWidthMm(),
                    0,
                    0,
                    (float) -set.imageHeightMm(),
                    0,
                    (float) set.imageHeightMm()));
          }
          out.setLineWidth(0.2f);
          out.addRect(0, 0, (float) set.imageWidthMm(), (float) set.imageHeightMm());
          out.stroke();
        });
  }

  private static BufferedImage image(Pixels pixels) {
    BufferedImage image =
        new BufferedImage(pixels.width(), pixels.height(), BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < pixels.height(); y++) {
      for (int x = 0; x < pixels.width(); x++) {
        image.setRGB(x, y, onWhite(pixels.at(x, y)));
      }
    }
    return image;
  }

  private static int onWhite(int argb) {
    int a = argb >>> 24;
    int rgb = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int c = argb >> shift & 0xFF;
      rgb |= (c * a + 255 * (255 - a)) / 255 << shift;
    }
    return rgb;
  }
}
