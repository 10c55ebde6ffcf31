package craftmap.core.form;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.Side;
import java.util.ArrayList;
import java.util.List;

/**
 * A chest of drawers: rows of fronts with gaps, over a plinth.
 *
 * @param rows from the top
 * @param frameMm the carcass that shows round inset fronts; nothing where they lie over it
 */
public record DrawerChestForm(
    double widthMm,
    double heightMm,
    double depthMm,
    List<Row> rows,
    double gapMm,
    double frameMm,
    double plinthMm,
    Hardware hardware)
    implements Form {
  /** A row of fronts side by side. */
  public record Row(double heightMm, List<Double> widthsMm) {
    public Row {
      widthsMm = List.copyOf(widthsMm);
    }
  }

  private enum Fit {
    OVERLAY,
    INSET
  }

  private static final int MOST_ROWS = 10;
  private static final int MOST_FRONTS = 3;

  public DrawerChestForm {
    rows = List.copyOf(rows);
    double high = rows.stream().mapToDouble(Row::heightMm).sum() + gapMm * (rows.size() - 1);
    double room = heightMm - plinthMm - 2 * frameMm;
    if (Tolerance.EXACT.greater(high, room)) {
      throw new RefusedInput(
          "rows-of-drawers",
          said("with-their-gaps", mm(high)),
          said("are-taller-than-the-chest"),
          said("rows-of-at-most-together", mm(room)));
    }
    for (int i = 0; i < rows.size(); i++) {
      List<Double> widths = rows.get(i).widthsMm();
      double wide =
          widths.stream().mapToDouble(Double::doubleValue).sum() + gapMm * (widths.size() - 1);
      double across = widthMm - 2 * frameMm;
      if (Tolerance.EXACT.greater(wide, across)) {
        throw new RefusedInput(
            said("row", given(i + 1)),
            said("with-its-gaps", mm(wide)),
            said("is-wider-than-the-chest"),
            said("fronts-of-at-most-together", mm(across)));
      }
    }
  }

  static DrawerChestForm read(MeasureSheet sheet) {
    double width = sheet.size("width", "width", 800);
    double height = sheet.size("height", "height", 900);
    double depth = sheet.size("depth", "depth", 450);
    int count = sheet.count("rows", "rows-of-drawers", 3, 1, MOST_ROWS);
    Hardware hardware = Hardware.read(sheet, Hardware.Kind.TWO_KNOBS);
    Fit fit = sheet.choice("fit", "fronts", Fit.OVERLAY);
    double frame = fit == Fit.INSET ? sheet.size("frame", "frame-round-the-fronts", 22) : 0;
    double gap = sheet.length("gap", "gap-between-fronts", 4, LengthRange.DISTANCE.upTo(100));
    double plinth = sheet.distance("plinth", "plinth", 70);
    double high = Math.max(1, (height - plinth - 2 * frame - gap * (count - 1)) / count);
    List<Row> rows = new ArrayList<>();
    for (int row = 1; row <= count; row++) {
      double rowHeight = sheet.size("row" + row, said("row-height", given(row)), high);
      int fronts =
          sheet.count("row" + row + ".fronts", said("row-fronts", given(row)), 1, 1, MOST_FRONTS);
      double across = Math.max(1, (width - 2 * frame - gap * (fronts - 1)) / fronts);
      List<Double> widths = new ArrayList<>();
      for (int front = 1; front <= fronts; front++) {
        widths.add(
            fronts == 1
                ? across
                : sheet.size(
                    "row" + row + ".front" + front,
                    said("row-front-width", given(row), given(front)),
                    across));
      }
      rows.add(new Row(rowHeight, widths));
    }
    return new DrawerChestForm(width, height, depth, rows, gap, frame, plinth, hardware);
  }

  @Override
  public FormFaces faces() {
    Block block = Block.standing(widthMm, heightMm, depthMm);
    FormFaces.Collector out = new FormFaces.Collector();
    out.group(NetGroup.middle("fronts"))
        .group(NetGroup.beside("top", "fronts", Edge.TOP))
        .group(NetGroup.beside("left", "fronts", Edge.LEFT))
        .group(NetGroup.beside("right", "fronts", Edge.RIGHT))
        .group(NetGroup.beside("back", "right", Edge.RIGHT));
    fronts(out, block);
    out.face(block.lidFace("top", "Top"));
    out.face(block.leftFace("left", "Left"));
    out.face(block.rightFace("right", "Right"));
    out.face(block.backFace("back", "Back").putAway());
    out.join(Join.of("right", Side.Name.TOP, "top", Side.Name.RIGHT))
        .join(Join.of("left", Side.Name.TOP, "top", Side.Name.LEFT))
        .join(Join.of("back", Side.Name.TOP, "top", Side.Name.TOP))
        .join(Join.of("right", Side.Name.RIGHT, "back", Side.Name.LEFT))
        .join(Join.of("back", Side.Name.RIGHT, "left", Side.Name.LEFT));
    return out.done();
  }

  private void fronts(FormFaces.Collector out, Block block) {
    int number = 0;
    double y = frameMm;
    List<String> above = List.of();
    for (Row row : rows) {
      double x = frameMm;
      List<String> here = new ArrayList<>();
      for (double width : row.widthsMm()) {
        number++;
        String id = "drawer-" + number;
        out.face(
            FormFace.of(
                    id,
                    "Drawer " + number,
                    new RectangleOutline(width, row.heightMm()),
                    block.front().from(x, y))
                .in("fronts", x, y)
                .comesOffAs("Drawer " + number)
                .with(hardware.at(new Point(width / 2, row.heightMm() / 2), width)));
        if (!here.isEmpty()) {
          out.join(new Join(here.getLast(), Side.Name.RIGHT, id, Side.Name.LEFT, gapMm));
        }
        here.add(id);
        x += width + gapMm;
      }
      if (above.size() == 1 && here.size() == 1) {
        out.join(
            new Join(above.getFirst(), Side.Name.BOTTOM, here.getFirst(), Side.Name.TOP, gapMm));
      }
      above = here;
      y += row.heightMm() + gapMm;
    }
    if (plinthMm > 0) {
      double top = heightMm - plinthMm;
      out.face(
          FormFace.of(
                  "plinth",
                  "Plinth",
                  new RectangleOutline(widthMm, plinthMm),
                  block.front().from(0, top))
              .in("fronts", 0, top));
    }
  }
}
