package craftmap.core.form;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.TrapeziumOutline;

/** A chair: seat, back rest, apron, front legs. */
public record ChairForm(
    double frontMm,
    double backMm,
    double depthMm,
    double seatHeightMm,
    double restMm,
    double restFromSeatMm,
    double apronMm,
    double legMm)
    implements Form {

  static ChairForm read(MeasureSheet sheet) {
    double front = sheet.size("front", "seat-along-the-front", 440);
    return new ChairForm(
        front,
        sheet.size("back", "seat-along-the-back", 380),
        sheet.size("depth", "seat-front-to-back", 410),
        sheet.size("seat", "height-of-the-seat", 450),
        sheet.size("rest", "back-rest-height", 180),
        sheet.distance("restUp", "back-rest-up-from-the-seat", 250),
        sheet.distance("apron", "apron-under-the-seat", 60),
        sheet.distance("leg", "front-legs-width", 38));
  }

  @Override
  public FormFaces faces() {
    double wide = Math.max(frontMm, backMm);
    double left = (wide - frontMm) / 2;
    FormFaces.Collector out = new FormFaces.Collector();
    out.group(NetGroup.middle("seat")).group(NetGroup.beside("rest", "seat", Edge.TOP));
    out.face(
        FormFace.of(
            "seat",
            "Seat",
            new TrapeziumOutline(backMm, frontMm, depthMm),
            new Pose.Flat(new Vec(0, seatHeightMm, -depthMm), Vec.RIGHT, Vec.TOWARDS)));
    out.face(
        FormFace.of(
            "rest",
            "Back rest",
            new RectangleOutline(backMm, restMm),
            new Pose.Flat(
                new Vec((wide - backMm) / 2, seatHeightMm + restFromSeatMm + restMm, -depthMm),
                Vec.RIGHT,
                Vec.DOWN)));
    if (apronMm > 0) {
      out.group(NetGroup.beside("apron", "seat", Edge.BOTTOM));
      out.face(
          FormFace.of(
              "apron",
              "Apron, front",
              new RectangleOutline(frontMm, apronMm),
              new Pose.Flat(new Vec(left, seatHeightMm, 0), Vec.RIGHT, Vec.DOWN)));
    }
    if (legMm > 0) {
      double leg = seatHeightMm - apronMm;
      String over = apronMm > 0 ? "apron" : "seat";
      out.group(NetGroup.beside("legs", over, Edge.BOTTOM));
      out.face(leg("leg-left", "Left leg", left, leg).in("legs", 0, 0));
      out.face(
          leg("leg-right", "Right leg", left + frontMm - legMm, leg)
              .in("legs", frontMm - legMm, 0));
    }
    return out.done();
  }

  private FormFace leg(String id, String name, double x, double length) {
    return FormFace.of(
        id,
        name,
        new RectangleOutline(legMm, length),
        new Pose.Flat(new Vec(x, length, 0), Vec.RIGHT, Vec.DOWN));
  }
}
