package craftmap.core.cut.cutter;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.mm;
import static craftmap.core.measure.Figure.said;

import craftmap.core.cut.nest.NestPart;
import craftmap.core.cut.nest.NestSearch;
import craftmap.core.cut.nest.NestStock;
import craftmap.core.cut.nest.NestTask;
import craftmap.core.cut.nest.Nested;
import craftmap.core.cut.nest.Nesting;
import craftmap.core.measure.Letters;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Sheets on mats. What is larger than a mat is cut in tiles that meet edge to edge; tiles and
 * sheets share mats where they find room, turned if that helps.
 *
 * @param tiles into how many pieces sheets were divided; 0 where none was
 */
public record CutterPlan(CutterMat mat, List<Mat> mats, int tiles) {
  /** Between two things on a mat. */
  private static final double BETWEEN_MM = 4;

  private static final int MOST_MATS = 60;

  public CutterPlan {
    mats = List.copyOf(mats);
  }

  /** What is cut in one go. */
  public record Mat(List<CutterPath> paths, List<String> names) {
    public Mat {
      paths = List.copyOf(paths);
      names = List.copyOf(names);
    }

    public double cutMm() {
      return paths.stream().mapToDouble(CutterPath::lengthMm).sum();
    }
  }

  /**
   * Lays sheets on mats.
   *
   * @param weeding with boxes around what is cut out, by which the rest is pulled off in pieces
   */
  public static CutterPlan of(List<CutterSheet> sheets, CutterMat mat, boolean weeding) {
    List<Tile> tiles = new ArrayList<>();
    int divided = 0;
    for (CutterSheet sheet : sheets) {
      List<Tile> own = tiles(sheet, mat, weeding);
      divided += own.size() > 1 ? own.size() : 0;
      tiles.addAll(own);
    }
    List<NestPart> parts =
        tiles.stream()
            .map(
                t ->
                    new NestPart(
                        t.box().widthMm(), t.box().heightMm(), true, 0, 0, NestPart.AS_TOLD))
            .toList();
    Nested nested =
        Nesting.plan(
            NestTask.of(parts, List.of(NestStock.sheets(mat.usable(), MOST_MATS)), BETWEEN_MM),
            NestSearch.quick(NestSearch.Preference.LARGEST_LEFTOVER),
            share -> true);
    if (!nested.unplaced().isEmpty()) {
      throw new RefusedInput(
          "mat",
          said("x", mm(mat.widthMm()), mm(mat.heightMm())),
          said("would-be-needed-more-than-times", given(MOST_MATS)),
          said("a-larger-mat-or-less-to-cut"));
    }
    List<Mat> mats = new ArrayList<>();
    for (Nested.Sheet on : nested.sheets()) {
      List<LinearRing> rings = new ArrayList<>();
      List<String> names = new ArrayList<>();
      for (Nested.Placed p : on.parts()) {
        Tile tile = tiles.get(p.part());
        AffineTransformation move = onto(tile.box(), p);
        tile.rings().forEach(r -> rings.add((LinearRing) move.transform(r)));
        names.add(tile.name());
      }
      mats.add(new Mat(CutOrder.of(rings), names.stream().sorted().toList()));
    }
    return new CutterPlan(mat, mats, divided);
  }

  private record Tile(String name, Box box, List<LinearRing> rings) {}

  private static AffineTransformation onto(Box from, Nested.Placed to) {
    AffineTransformation move =
        AffineTransformation.translationInstance(-from.leftMm(), -from.topMm());
    if (to.turned()) {
      // by a quarter clockwise, y down: what was the top is the right
      move.compose(AffineTransformation.rotationInstance(1, 0));
      move.compose(AffineTransformation.translationInstance(from.heightMm(), 0));
    }
    return move.compose(
        AffineTransformation.translationInstance(to.at().leftMm(), to.at().topMm()));
  }

  private static List<Tile> tiles(CutterSheet sheet, CutterMat mat, boolean weeding) {
    List<Box> weeds = weeding && sheet.edge().isEmpty() ? Weeding.boxes(sheet.cutOut()) : List.of();
    Box whole = around(sheet, weeds);
    Box room = mat.usable();
    int across = count(whole.widthMm(), room.widthMm());
    int down = count(whole.heightMm(), room.heightMm());
    int turnedAcross = count(whole.widthMm(), room.heightMm());
    int turnedDown = count(whole.heightMm(), room.widthMm());
    if (turnedAcross * turnedDown < across * down) {
      across = turnedAcross;
      down = turnedDown;
    }
    if (across * down == 1) {
      return List.of(new Tile(sheet.name(), whole, rings(sheet.cutOut(), sheet.edge(), weeds)));
    }
    List<Tile> tiles = new ArrayList<>();
    double w = whole.widthMm() / across;
    double h = whole.heightMm() / down;
    for (int row = 0; row < down; row++) {
      for (int column = 0; column < across; column++) {
        Box tile = new Box(whole.leftMm() + column * w, whole.topMm() + row * h, w, h);
        Geometry own = Planar.intersection(sheet.cutOut(), Planar.polygon(tile));
        if (sheet.edge().isEmpty() && own.isEmpty()) {
          continue;
        }
        String name = sheet.name() + " " + Letters.of(row) + (column + 1);
        // a tile's own edge is where it meets the next one
        tiles.add(new Tile(name, tile, rings(own, Optional.of(tile), List.of())));
      }
    }
    return tiles;
  }

  private static int count(double length, double room) {
    return Math.max(1, (int) Math.ceil(length / room - 1e-9));
  }

  private static Box around(CutterSheet sheet, List<Box> weeds) {
    Envelope e = sheet.cutOut().getEnvelopeInternal();
    Box box = new Box(e.getMinX(), e.getMinY(), e.getWidth(), e.getHeight());
    for (Box weed : weeds) {
      box = box.and(weed);
    }
    return sheet.edge().map(box::and).orElse(box);
  }

  private static List<LinearRing> rings(Geometry cutOut, Optional<Box> edge, List<Box> weeds) {
    List<LinearRing> rings = new ArrayList<>();
    for (int i = 0; i < cutOut.getNumGeometries(); i++) {
      if (cutOut.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) {
        rings.add(p.getExteriorRing());
        for (int hole = 0; hole < p.getNumInteriorRing(); hole++) {
          rings.add(p.getInteriorRingN(hole));
        }
      }
    }
    edge.ifPresent(b -> rings.add(Planar.polygon(b).getExteriorRing()));
    weeds.forEach(b -> rings.add(Planar.polygon(b).getExteriorRing()));
    return rings;
  }
}
