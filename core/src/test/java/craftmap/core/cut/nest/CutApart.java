package craftmap.core.cut.nest;

import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/** Sheets cut at random by straight cuts, to the whole millimetre, and their parts shuffled. */
final class CutApart {
  private CutApart() {}

  static List<NestPart> sheets(Box sheet, Random random, int pieces, int sheets) {
    List<NestPart> all = new ArrayList<>();
    for (int s = 0; s < sheets; s++) {
      List<Box> boxes = new ArrayList<>(List.of(sheet));
      while (boxes.size() < pieces) {
        Box b = boxes.remove(random.nextInt(boxes.size()));
        double share = 0.25 + 0.5 * random.nextDouble();
        boolean down = b.widthMm() > b.heightMm();
        if (random.nextInt(4) == 0) {
          down = !down;
        }
        if ((down ? b.widthMm() : b.heightMm()) < 4) {
          boxes.add(b);
          continue;
        }
        double w = down ? Math.round(b.widthMm() * share) : b.widthMm();
        double h = down ? b.heightMm() : Math.round(b.heightMm() * share);
        boxes.add(new Box(b.leftMm(), b.topMm(), w, h));
        boxes.add(
            down
                ? new Box(b.leftMm() + w, b.topMm(), b.widthMm() - w, h)
                : new Box(b.leftMm(), b.topMm() + h, w, b.heightMm() - h));
      }
      boxes.forEach(b -> all.add(NestPart.upright(b.widthMm(), b.heightMm())));
    }
    Collections.shuffle(all, random);
    return all;
  }
}
