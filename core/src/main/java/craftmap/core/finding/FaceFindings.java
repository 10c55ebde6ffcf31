package craftmap.core.finding;

import craftmap.core.lay.BlemishCover;
import craftmap.core.measure.Figure;
import craftmap.core.measure.Level;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.SharedSheet;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.Squareness;
import java.util.ArrayList;
import java.util.List;

/** What to know about a face: its marks, how true it is, and what lies on it together. */
public final class FaceFindings {
  private FaceFindings() {}

  public static List<Finding> of(PlanReading.FaceReading reading, TapeDivision tape) {
    String id = reading.face().id();
    About face = new About.OfFace(id);
    List<Finding> found = new ArrayList<>();
    reading
        .strayKeepOuts()
        .forEach(
            stray ->
                found.add(
                    Finding.of(
                        FindingRule.KEEP_OUT_STRAY,
                        Level.RISK,
                        new About.OfMark(id, stray.id()),
                        new Figure.Named(stray.name()))));
    reading.squareness().ifPresent(s -> square(s, reading, tape, face, found));
    reading.shared().forEach(s -> found.add(shared(s, reading, face)));
    reading.blemishes().forEach(b -> found.add(blemish(b, id)));
    return found;
  }

  private static void square(
      Squareness s,
      PlanReading.FaceReading reading,
      TapeDivision tape,
      About face,
      List<Finding> found) {
    if (s.measureAgain()) {
      found.add(
          Finding.of(
              FindingRule.DIAGONALS,
              Level.STOP,
              face,
              new Figure.Difference(s.closureMm().getAsDouble())));
    }
    if (Math.abs(s.farEdgeDepartsMm(reading.datum())) >= tape.mm()) {
      found.add(datum(s, reading.datum(), reading.face().id()));
    }
  }

  /** How the edge across from the one that is set out from runs to it. */
  public static Finding datum(Squareness s, Edge datum, String faceId) {
    return Finding.of(
        FindingRule.DATUM_DEPARTS,
        Level.RISK,
        new About.OfFace(faceId),
        new Figure.One(datum),
        new Figure.Departs(s.farEdgeDepartsMm(datum)),
        new Figure.Slope(s.farEdgeDepartsMmPerMetre(datum)));
  }

  /** What is painted through one sheet is planned together. */
  private static Finding shared(SharedSheet s, PlanReading.FaceReading reading, About face) {
    String name =
        reading.lays().stream()
            .filter(LayReading.Laid.class::isInstance)
            .map(LayReading.Laid.class::cast)
            .filter(l -> l.lay().id().equals(s.layIds().getFirst()))
            .map(l -> l.design().name())
            .findFirst()
            .orElse("");
    return Finding.of(
        FindingRule.SHEET_SHARED,
        Level.FINE,
        face,
        new Figure.Count(s.layIds().size()),
        new Figure.Names(List.of(name)),
        new Figure.Count(s.passes().passes()),
        new Figure.Count(s.passes().washes()));
  }

  public static Finding blemish(BlemishCover cover, String faceId) {
    FindingRule rule =
        switch (cover.state()) {
          case COVERED -> FindingRule.BLEMISH_COVERED;
          case PART -> FindingRule.BLEMISH_PART;
          case BARE -> FindingRule.BLEMISH_BARE;
        };
    return Finding.of(
        rule,
        cover.state() == BlemishCover.State.COVERED ? Level.FINE : Level.TIP,
        new About.OfMark(faceId, cover.blemish().id()),
        new Figure.Named(cover.blemish().kind()),
        new Figure.Count(cover.blemish().number()),
        new Figure.Share(cover.share()));
  }
}
