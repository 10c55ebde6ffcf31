package craftmap.core.lay.rule.single;

import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.design.EnlargedImage;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Standing;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.YesNo;
import craftmap.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * An image enlarged to a width, printed over office pages, traced and painted in.
 *
 * @param widthMm of the enlarged image
 * @param placed its middle, where it was put by hand
 */
public record Pages(double widthMm, Optional<Point> placed, double turnDeg) implements LayRule {

  public static Pages read(MeasureSheet sheet) {
    double width = sheet.size("width", "width-of-the-image", 400);
    boolean placed = sheet.yes("placed", "put-by-hand", false);
    return new Pages(
        width,
        placed ? Optional.of(Single.point(sheet)) : Optional.empty(),
        sheet.figure("angle", "turned-by", 0, Single.TURN));
  }

  @Override
  public RuleKind kind() {
    return RuleKind.PAGES;
  }

  @Override
  public RuleNote note() {
    RuleNote.Writer note =
        RuleNote.of(kind())
            .put("width", widthMm)
            .put("placed", YesNo.of(placed.isPresent()))
            .put("angle", turnDeg);
    placed.ifPresent(p -> note.put("x", p.xMm()).put("y", p.yMm()));
    return note.done();
  }

  @Override
  public Pages mirrored(double faceWidthMm) {
    return new Pages(widthMm, placed.map(p -> p.mirroredAt(faceWidthMm / 2)), 0 - turnDeg);
  }

  @Override
  public LayAnswer lay(Laying laying) {
    if (!(laying.design() instanceof EnlargedImage image)) {
      return new LayAnswer.NoRoom(LayAnswer.Reason.NOTHING_FREE);
    }
    double scale = widthMm / image.printWidthMm();
    if (scale < image.smallestScale() * (1 - 1e-9) || scale > image.largestScale() * (1 + 1e-9)) {
      throw new RefusedInput(
          "width-of-the-image",
          mm(widthMm),
          said("is-out-of-what-the-image-was-drawn-for"),
          said(
              "to-2",
              mm(image.printWidthMm() * image.smallestScale()),
              mm(image.printWidthMm() * image.largestScale())));
    }
    Point middle =
        placed.orElseGet(
            () ->
                new Point(
                    laying.room().outline().widthMm() / 2, laying.room().outline().heightMm() / 2));
    Placement at = new Placement(middle, turnDeg, false, scale);
    Optional<Item> item = laying.room().place(image, at);
    List<LayOption> options = new ArrayList<>();
    item.ifPresent(
        i -> {
          options.add(option(image, i, at, false));
          options.add(option(image, i, at, true));
        });
    return LayAnswer.of(options, LayAnswer.Reason.NOTHING_FREE);
  }

  private static LayOption option(EnlargedImage image, Item item, Placement at, boolean lying) {
    double w = image.printWidthMm() * at.scale();
    double h = image.printHeightMm() * at.scale();
    double pageWide = lying ? image.page().heightMm() : image.page().widthMm();
    double pageTall = lying ? image.page().widthMm() : image.page().heightMm();
    Way.OnPages way = lying ? Way.OnPages.PAGES_LYING : Way.OnPages.PAGES_UPRIGHT;
    PageSet set =
        new PageSet(
            way,
            at,
            EnlargedImage.count(w, pageWide, image.overlapMm()),
            EnlargedImage.count(h, pageTall, image.overlapMm()),
            lying,
            pageWide,
            pageTall,
            image.overlapMm(),
            w,
            h);
    return new LayOption(
        set,
        List.of(item),
        Standing.of(
                new Standing.Judged(
                    item.onKeepOut() ? 1 : 0,
                    0,
                    true,
                    item.isWhole() ? 0 : 1,
                    0,
                    true,
                    1,
                    way.ordinal()))
            .cutting(0, set.pages()),
        Optional.empty());
  }
}
