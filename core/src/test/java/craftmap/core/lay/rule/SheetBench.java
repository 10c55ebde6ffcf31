package craftmap.core.lay.rule;

import craftmap.core.design.Design;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Prints;
import craftmap.core.lay.Room;
import craftmap.core.lay.rule.cover.Across;
import craftmap.core.lay.rule.cover.Cover;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.RectangleOutline;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** How long sheets take: a picture over eight fronts, a large top covered with prints that meet. */
@Tag("bench")
class SheetBench {
  private static final int WARM = 40;
  private static final int RUNS = 200;

  private static void measure(String what, IntFunction<Object> work) {
    double[] ms = new double[RUNS];
    for (int i = -WARM; i < RUNS; i++) {
      long from = System.nanoTime();
      Object done = work.apply(i);
      long to = System.nanoTime();
      if (done == null) {
        throw new IllegalStateException("impossible state: nothing came of it");
      }
      if (i >= 0) {
        ms[i] = (to - from) / 1e6;
      }
    }
    Arrays.sort(ms);
    System.out.printf(
        "%s: median %.1f ms, 95 %% under %.1f ms%n", what, ms[RUNS / 2], ms[RUNS * 95 / 100]);
  }

  private static Fronts eightDrawers(Design design, double gap) {
    List<Fronts.Front> fronts = new ArrayList<>();
    for (int row = 0; row < 4; row++) {
      for (int column = 0; column < 2; column++) {
        Box b = new Box(column * (400 + gap), row * (180 + gap), 400, 180);
        Room room =
            Room.on(
                Bench.face(new RectangleOutline(b.widthMm(), b.heightMm()), Marks.NONE),
                design.kind());
        fronts.add(new Fronts.Front(room, new Point(b.leftMm(), b.topMm())));
      }
    }
    return Fronts.of(fronts, 0);
  }

  @Test
  void aPictureOverEightFrontsWithTwentyMotifs() {
    Random random = new Random(1);
    MotifBox[] motifs = new MotifBox[20];
    for (int i = 0; i < motifs.length; i++) {
      double w = 30 + random.nextInt(120);
      double h = 30 + random.nextInt(120);
      motifs[i] =
          Prints.motif(
              "m" + i,
              1 + i % 5,
              random.nextInt((int) (900 - w)),
              random.nextInt((int) (820 - h)),
              w,
              h);
    }
    Design design = Prints.transfer(900, 820, motifs);
    Across rule =
        new Across(0, 6, false, Optional.empty(), Set.of(), Across.LaidFrom.THE_FIRST_PART);
    // other gaps each time, so that nothing is remembered
    measure(
        "a picture over 8 fronts, 20 motifs, all options and parts",
        i -> rule.lay(Laying.over(eightDrawers(design, 3 + i * 0.01), design)));
  }

  @Test
  void aTopOfThreeSquareMetresCoveredWithPrintsThatMeet() {
    Design paper = Prints.repeatingPaper(500, 700, 120, 90);
    Cover rule =
        new Cover(
            Cover.Unit.WHOLE_SHEET,
            Cover.Join.OVERLAPPING,
            5,
            4,
            Cover.Turning.AS_PRINTED,
            Cover.Rows.EITHER,
            Cover.Meets.EVERYWHERE,
            Optional.empty(),
            Optional.empty());
    measure(
        "a top of 3 m2 in phase-matched sheets, all options and parts",
        i ->
            rule.lay(
                new Laying(
                    Room.on(
                        Bench.face(new RectangleOutline(2400 + i * 0.01, 1250), Marks.NONE),
                        paper.kind()),
                    paper)));
  }
}
