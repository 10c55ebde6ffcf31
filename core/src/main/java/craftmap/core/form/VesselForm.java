package craftmap.core.form;

import craftmap.core.measure.LengthRange;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Box;
import craftmap.core.surface.Area;
import craftmap.core.surface.FrontDatum;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.Side;
import java.util.List;
import java.util.Set;

/**
 * A jar, bottle or jug: a round body, straight or tapered, perhaps a shoulder up to a neck, a neck,
 * a lid. Upper parts lie over the body on the net.
 *
 * @param topMm circumference of the body at its top
 * @param bottomMm at its bottom
 * @param shoulderMm slant of the shoulder; nothing where the body goes straight up
 * @param neckMm circumference of the neck, where there is a shoulder
 * @param rimFreeMm how much of the upper rim is left free: for the thread, or for lips
 * @param handleMm how wide a strip the handle takes at the back; nothing for none
 */
public record VesselForm(
    double topMm,
    double bottomMm,
    double slantMm,
    double shoulderMm,
    double neckMm,
    double neckHeightMm,
    double rimFreeMm,
    double lidMm,
    double lidRimMm,
    double handleMm,
    FrontDatum front)
    implements Form {

  static VesselForm readJar(MeasureSheet sheet) {
    return read(sheet, 330, 330, 130, 18, 250, 20, 15, true, 0);
  }

  static VesselForm readBottle(MeasureSheet sheet) {
    return read(sheet, 250, 250, 180, 70, 95, 60, 25, false, 0);
  }

  static VesselForm readJug(MeasureSheet sheet) {
    return read(sheet, 380, 320, 200, 0, 0, 0, 20, false, 45);
  }

  private static VesselForm read(
      MeasureSheet sheet,
      double top,
      double bottom,
      double slant,
      double shoulder,
      double neck,
      double neckHeight,
      double rimFree,
      boolean lid,
      double handle) {
    double upper = sheet.size("top", "circumference-at-the-top-of-the-body", top);
    double lower = sheet.size("bottom", "circumference-at-the-bottom", bottom);
    double wall = sheet.size("slant", "body-along-the-wall", slant);
    double rise = sheet.distance("shoulder", "shoulder-along-the-slope-0-for-none", shoulder);
    double throat =
        rise > 0 ? sheet.size("neck", "circumference-of-the-neck", neck > 0 ? neck : upper / 2) : 0;
    double throatHeight =
        rise > 0 ? sheet.distance("neckHeight", "neck-height-0-for-none", neckHeight) : 0;
    double topmost = throatHeight > 0 ? throatHeight : rise > 0 ? rise : wall;
    double free =
        sheet.length(
            "rimFree",
            "rim-left-free",
            Math.min(rimFree, topmost / 2),
            LengthRange.DISTANCE.upTo(topmost));
    double across = sheet.distance("lid", "lid-diameter-0-for-none", lid ? 90 : 0);
    double lidRim = across > 0 ? sheet.distance("lidRim", "lid-rim", 18) : 0;
    double strip =
        sheet.length(
            "handle",
            "handle-width-of-its-strip-0-for-none",
            handle,
            LengthRange.DISTANCE.upTo(Math.min(upper, lower) / 2));
    return new VesselForm(
        upper,
        lower,
        wall,
        rise,
        throat,
        throatHeight,
        free,
        across,
        lidRim,
        strip,
        Round.front(sheet, Math.max(upper, lower)));
  }

  /** A wall by its two circumferences and the length along it. */
  static Outline wall(double topMm, double bottomMm, double slantMm) {
    return Math.abs(topMm - bottomMm) < ConeOutline.LEAST_TAPER_MM
        ? new CylinderOutline(topMm, slantMm)
        : new ConeOutline(topMm, bottomMm, slantMm);
  }

  private static double upright(Outline wall) {
    return wall instanceof ConeOutline cone ? cone.uprightMm() : wall.heightMm();
  }

  @Override
  public FormFaces faces() {
    Outline body = wall(topMm, bottomMm, slantMm);
    double bodyTop = upright(body);
    FormFaces.Collector out = new FormFaces.Collector();
    out.group(NetGroup.middle("body"));
    boolean topmost = shoulderMm == 0;
    FormFace wall =
        FormFace.of("body", "Body", body, new Pose.Rolled(new Vec(0, bodyTop, 0)))
            .with(topmost ? Round.rimLeftFree(rimFreeMm) : Marks.NONE)
            .with(handle(body))
            .withFront(front);
    out.face(wall);
    String last = "body";
    double top = bodyTop;
    if (shoulderMm > 0) {
      Outline shoulder = wall(neckMm, topMm, shoulderMm);
      top += upright(shoulder);
      out.group(NetGroup.beside("shoulder", last, Edge.TOP));
      out.face(
          FormFace.of("shoulder", "Shoulder", shoulder, new Pose.Rolled(new Vec(0, top, 0)))
              .with(neckHeightMm > 0 ? Marks.NONE : Round.rimLeftFree(rimFreeMm))
              .withFront(front));
      out.join(Join.of("body", Side.Name.TOP, "shoulder", Side.Name.BOTTOM));
      last = "shoulder";
      if (neckHeightMm > 0) {
        top += neckHeightMm;
        out.group(NetGroup.beside("neck", last, Edge.TOP));
        out.face(
            FormFace.of(
                    "neck",
                    "Neck",
                    new CylinderOutline(neckMm, neckHeightMm),
                    new Pose.Rolled(new Vec(0, top, 0)))
                .with(Round.rimLeftFree(rimFreeMm))
                .withFront(front));
        out.join(Join.of("shoulder", Side.Name.TOP, "neck", Side.Name.BOTTOM));
        last = "neck";
      }
    }
    lid(out, last, top);
    return out.done();
  }

  private void lid(FormFaces.Collector out, String last, double top) {
    if (lidMm == 0) {
      return;
    }
    Vec over = new Vec(0, top + 1, 0);
    if (lidRimMm > 0) {
      out.group(NetGroup.beside("lid-rim", last, Edge.TOP));
      out.face(
          FormFace.of(
                  "lid-rim",
                  "Lid, rim",
                  new CylinderOutline(Math.PI * lidMm, lidRimMm),
                  new Pose.Rolled(over))
              .withFront(front)
              .comesOffAs("Lid"));
    }
    out.group(NetGroup.beside("lid", lidRimMm > 0 ? "lid-rim" : last, Edge.TOP));
    out.face(
        FormFace.of("lid", "Lid", OvalOutline.circle(lidMm), Round.level(over, lidMm, lidMm))
            .withFront(front)
            .comesOffAs("Lid"));
  }

  /** The handle stands behind, over the seam: half its strip at each end of the face. */
  private Marks handle(Outline body) {
    if (handleMm == 0) {
      return Marks.NONE;
    }
    if (body instanceof ConeOutline) {
      return Marks.ofKeepOuts(
          List.of(
              new KeepOut(
                  "handle-a", "Handle", new Area.Strip(Side.Name.LEFT, handleMm / 2), Set.of()),
              new KeepOut(
                  "handle-b", "Handle", new Area.Strip(Side.Name.RIGHT, handleMm / 2), Set.of())));
    }
    double w = body.widthMm();
    double h = body.heightMm();
    return Marks.ofKeepOuts(
        List.of(
            new KeepOut(
                "handle-a", "Handle", new Area.Upright(new Box(0, 0, handleMm / 2, h)), Set.of()),
            new KeepOut(
                "handle-b",
                "Handle",
                new Area.Upright(new Box(w - handleMm / 2, 0, handleMm / 2, h)),
                Set.of())));
  }
}
