package craftmap.server.truesize;

import craftmap.core.artwork.Pixels;
import craftmap.core.lay.rule.single.PageSet;
import craftmap.core.plan.LayReading;
import craftmap.server.artwork.StoredArtwork;
import craftmap.server.paper.Paper;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** An enlarged image over office pages, as its lay has it. */
final class Images {
  private Images() {}

  static Spread of(LayReading.Laid laid, PageSet set, Optional<StoredArtwork> art, Paper paper) {
    return new Spread(
        laid.design().name(),
        Layout.of(paper, set.lying(), set.overlapMm(), set.imageWidthMm(), set.imageHeightMm()),
        new Picture(set, art));
  }

  /** Embedded once, however many pages show a part of it. */
  private static final class Picture implements Pen.Drawing {
    private final PageSet set;
    private final Optional<StoredArtwork> art;
    private PDImageXObject embedded;

    private Picture(PageSet set, Optional<StoredArtwork> art) {
      this.set = set;
      this.art = art;
    }

    @Override
    public void with(Pen pen) throws IOException {
      if (art.isPresent() && embedded == null) {
        embedded = LosslessFactory.createFromImage(pen.document(), image(art.get().finePixels()));
      }
      if (embedded != null) {
        pen.image(embedded, set.imageWidthMm(), set.imageHeightMm());
      }
      pen.box(0, 0, set.imageWidthMm(), set.imageHeightMm(), 0.5, 0);
    }
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
