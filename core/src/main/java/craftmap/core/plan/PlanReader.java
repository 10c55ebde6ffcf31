package craftmap.core.plan;

import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.Texture;
import craftmap.core.form.Pose;
import craftmap.core.lay.BlemishCover;
import craftmap.core.lay.BreakCrossing;
import craftmap.core.lay.Clearance;
import craftmap.core.lay.Eye;
import craftmap.core.lay.Item;
import craftmap.core.lay.Room;
import craftmap.core.lay.pass.StencilPasses;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Pick;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.Paint;
import craftmap.core.plane.TurnedBox;
import craftmap.core.surface.Edge;
import craftmap.core.surface.Face;
import craftmap.core.surface.FaceMeasure;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MapGrid;
import craftmap.core.surface.outline.QuadOutline;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Works out a plan, for a shelf and a tape. */
public final class PlanReader {
  private final Shelf shelf;
  private final TapeDivision tape;

  public PlanReader(Shelf shelf, TapeDivision tape) {
    this.shelf = shelf;
    this.tape = tape;
  }

  public PlanReading read(Plan plan) {
    List<PlanFace> places = plan.faces();
    List<PlanReading.FaceReading> faces =
        places.stream().map(p -> read(p, places, plan.lays())).toList();
    return new PlanReading(faces, plan.formFaces().joins(), PlanFaces.parts(places));
  }

  private PlanReading.FaceReading read(PlanFace place, List<PlanFace> all, List<Lay> lays) {
    Face face = place.face();
    List<LayReading> readings = read(face, lays);
    List<Item> items = items(readings);
    return new PlanReading.FaceReading(
        place,
        MapGrid.over(face.outline()),
        FaceMeasure.of(face, insets(face, all)),
        face.outline() instanceof QuadOutline quad
            ? Optional.of(quad.squareness())
            : Optional.empty(),
        datum(place),
        readings,
        shared(readings),
        face.blemishes().stream().map(b -> BlemishCover.of(b, items)).toList(),
        strayKeepOuts(face));
  }

  /** The areas of the faces set into this one, where they lie on it. */
  private static List<Geometry> insets(Face face, List<PlanFace> all) {
    return all.stream()
        .filter(p -> p.setInto().filter(face.id()::equals).isPresent())
        .map(
            p ->
                AffineTransformation.translationInstance(p.at().xMm(), p.at().yMm())
                    .transform(p.face().outline().region()))
        .toList();
  }

  /** Upright faces are read from their top edge; what lies level from the edge one stands at. */
  private static Edge datum(PlanFace place) {
    boolean level =
        place.pose().filter(p -> p instanceof Pose.Flat f && f.down().y() == 0).isPresent();
    return level ? Edge.BOTTOM : Edge.TOP;
  }

  /** The lays of one face in their order: each may go around those before it. */
  public List<LayReading> read(Face face, List<Lay> lays) {
    List<LayReading> readings = new ArrayList<>();
    for (Lay lay : lays) {
      if (lay.faceId().equals(face.id())) {
        readings.add(
            readAround(face, lay, lay.clearMm().isPresent() ? items(readings) : List.of()));
      }
    }
    return readings;
  }

  /**
   * What one lay comes to on its face; its neighbours are looked at only where it goes around them.
   */
  public LayReading read(Face face, Lay lay, List<Lay> all) {
    List<Lay> before =
        lay.clearMm().isEmpty()
            ? List.of()
            : all.stream().takeWhile(l -> !l.id().equals(lay.id())).toList();
    return readAround(face, lay, items(read(face, before)));
  }

  private LayReading readAround(Face face, Lay lay, List<Item> before) {
    Optional<Design> design = lay.designId().flatMap(shelf::design);
    Optional<Design> corner = lay.cornerDesignId().flatMap(shelf::design);
    if (lay.designId().isPresent() && design.isEmpty()) {
      return new LayReading.Missing(lay, LayReading.What.DESIGN);
    }
    Optional<Paint> paint = lay.paintId().flatMap(shelf::paint);
    if (lay.paintId().isPresent() && paint.isEmpty()) {
      return new LayReading.Missing(lay, LayReading.What.PAINT);
    }
    Room room = Room.on(face, design.map(Design::kind).orElse(DesignKind.CUSTOM_CUT));
    Room around =
        lay.clearMm().isPresent() ? room.around(before, lay.clearMm().getAsDouble()) : room;
    LayAnswer answer = lay.rule().lay(new Laying(around, design.orElse(null), corner));
    return answer instanceof LayAnswer.Options options
        ? laid(around, lay, design, paint, options)
        : new LayReading.DoesNotFit(lay, design, paint, answer);
  }

  private LayReading.Laid laid(
      Room room, Lay lay, Optional<Design> own, Optional<Paint> paint, LayAnswer.Options options) {
    Optional<LayOption> picked = lay.pick().flatMap(p -> p.among(options.ranked()));
    LayOption chosen = picked.orElse(options.best());
    Eye.Seen seen = lay.eye().apply(room, chosen.items());
    Design design = own.orElseGet(() -> chosen.items().getFirst().design());
    Optional<StencilPasses> passes =
        design instanceof StencilDesign stencil
            ? Optional.of(StencilPasses.of(positions(seen.items()), stencil.usesBetweenWashes()))
            : Optional.empty();
    List<Clearance> clearances = Clearance.of(room.obstacles(), seen.items());
    return new LayReading.Laid(
        lay,
        design,
        paint,
        options.ranked(),
        chosen,
        seen,
        pickState(lay.pick(), chosen),
        SetOuts.of(room.outline(), tape, lay.rule(), chosen, seen.items()),
        passes,
        clearances,
        BreakCrossing.of(room.face().marks().breaks(), seen.items()),
        Takes.of(
            lay, design, chosen, seen.items(), paint, passes, masking(room, design, seen.items())));
  }

  /**
   * Tape round every keep-out that a sheet or the work comes to lie on, and, for paste over an
   * area, along that area's own line.
   */
  private static double masking(Room room, Design design, List<Item> items) {
    if (design instanceof Texture) {
      return room.free().getBoundary().getLength();
    }
    if (!(design instanceof StencilDesign)) {
      return 0;
    }
    double length = 0;
    for (KeepOut keepOut : room.face().keepOuts()) {
      Geometry area = keepOut.area().on(room.outline());
      boolean under =
          items.stream()
              .anyMatch(
                  i ->
                      i.design() instanceof StencilDesign s
                          && i.sheet(s).around().envelope().intersects(area.getEnvelopeInternal())
                          && i.sheet(s).polygon().intersects(area));
      length += under ? area.getBoundary().getLength() : 0;
    }
    return length;
  }

  private static LayReading.PickState pickState(Optional<Pick> pick, LayOption chosen) {
    if (pick.isEmpty()) {
      return LayReading.PickState.FOLLOWS_BEST;
    }
    if (pick.get().equals(chosen.asPick())) {
      return LayReading.PickState.KEPT;
    }
    return pick.get().way() == chosen.arrangement().way()
        ? LayReading.PickState.COUNT_CHANGED
        : LayReading.PickState.NOT_POSSIBLE;
  }

  private static List<StencilPasses.Position> positions(List<Item> items) {
    return items.stream()
        .filter(i -> i.design() instanceof StencilDesign)
        .map(
            i ->
                new StencilPasses.Position(
                    i.clip().isEmpty() ? i.box() : TurnedBox.of(i.visible()),
                    i.sheet((StencilDesign) i.design())))
        .toList();
  }

  /** Lays that share a sheet are planned in one go: what is wet of one may lie under the other. */
  private static List<SharedSheet> shared(List<LayReading> readings) {
    Map<String, List<LayReading.Laid>> byDesign = new LinkedHashMap<>();
    for (LayReading reading : readings) {
      if (reading instanceof LayReading.Laid laid
          && laid.lay().designId().isPresent()
          && laid.design() instanceof StencilDesign) {
        byDesign.computeIfAbsent(laid.design().id(), k -> new ArrayList<>()).add(laid);
      }
    }
    List<SharedSheet> shared = new ArrayList<>();
    byDesign.forEach(
        (id, laid) -> {
          if (laid.size() > 1) {
            List<Item> items = laid.stream().flatMap(l -> l.items().stream()).toList();
            int uses = ((StencilDesign) laid.getFirst().design()).usesBetweenWashes();
            shared.add(
                new SharedSheet(
                    id,
                    laid.stream().map(l -> l.lay().id()).toList(),
                    StencilPasses.count(positions(items), uses)));
          }
        });
    return shared;
  }

  private static List<Item> items(List<LayReading> readings) {
    return readings.stream()
        .filter(LayReading.Laid.class::isInstance)
        .flatMap(r -> ((LayReading.Laid) r).items().stream())
        .toList();
  }

  private static List<KeepOut> strayKeepOuts(Face face) {
    Envelope whole = new Envelope(0, face.outline().widthMm(), 0, face.outline().heightMm());
    return face.keepOuts().stream()
        .filter(
            k -> {
              Envelope e = k.area().on(face.outline()).getEnvelopeInternal();
              return e.getMinX() >= whole.getMaxX()
                  || e.getMinY() >= whole.getMaxY()
                  || e.getMaxX() <= 0
                  || e.getMaxY() <= 0;
            })
        .toList();
  }
}
