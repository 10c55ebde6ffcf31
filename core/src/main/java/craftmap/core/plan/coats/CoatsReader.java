package craftmap.core.plan.coats;

import craftmap.core.coats.CoatShelf;
import craftmap.core.coats.Group;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.GroupSurface;
import craftmap.core.coats.InHand;
import craftmap.core.coats.LayHere;
import craftmap.core.coats.Place;
import craftmap.core.coats.Wish;
import craftmap.core.coats.reading.GroupReader;
import craftmap.core.colour.Colour;
import craftmap.core.form.Join;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.medium.Medium;
import craftmap.core.plan.Found;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Need;
import craftmap.core.plan.Part;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plan.reading.PlanReading.FaceReading;
import craftmap.core.plane.Planar;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.Hole;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Zone;
import craftmap.core.surface.outline.Edge;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Works out the coats of a piece over what its lays come to: what each group is made of and how
 * much there is of it, what lies on it, and its build-up.
 */
public final class CoatsReader {
  private static final Colour WHITE = new Colour("#FFFFFF");

  private static final double USUAL_PARTS_MM2 = 100_000;

  private final Plan plan;
  private final PlanReading reading;
  private final CoatShelf shelf;
  private final List<Group> groups;

  private CoatsReader(Plan plan, PlanReading reading, CoatShelf shelf) {
    this.plan = plan;
    this.reading = reading;
    this.shelf = shelf;
    this.groups = CoatGroups.of(plan, reading.faces().stream().map(FaceReading::place).toList());
  }

  public static CoatsReading read(Plan plan, PlanReading reading, CoatShelf shelf) {
    return read(plan, reading, shelf, GroupAnswers.NONE);
  }

  /**
   * The same, with groups that are known already.
   *
   * @param answers what is kept of groups that were read
   */
  public static CoatsReading read(
      Plan plan, PlanReading reading, CoatShelf shelf, GroupAnswers answers) {
    CoatsReader reader = new CoatsReader(plan, reading, shelf);
    return new CoatsReading(
        plan.coats().habits(), reader.groups.stream().map(g -> reader.read(g, answers)).toList());
  }

  private GroupReading read(Group group, GroupAnswers answers) {
    GroupAnswers.Asked asked = new GroupAnswers.Asked(of(group), group);
    return answers.of(asked, asked::read);
  }

  /** What a group is worked out by, whatever is wished for in it. */
  public static GroupReader of(Plan plan, PlanReading reading, CoatShelf shelf, Group group) {
    return new CoatsReader(plan, reading, shelf).of(group);
  }

  /** The colour a surface has before anything is put on. */
  public static Colour colourNow(Found.Surface surface) {
    return Surfaces.now(surface);
  }

  private GroupReader of(Group group) {
    return new GroupReader(surface(group), lays(group), shelf, plan.coats().habits());
  }

  private Optional<FaceReading> face(String id) {
    return reading.find(id);
  }

  // ---- the surface

  private GroupSurface surface(Group group) {
    Found.Surface first = found(group.places().getFirst());
    Found.Surface found = mostDemanding(group);
    double area = 0;
    double edge = 0;
    double runsOver = 0;
    double widest = 0;
    double mask = 0;
    int holes = 0;
    boolean level = true;
    Set<Exposure> bears = EnumSet.noneOf(Exposure.class);
    List<Blemish> damage = new ArrayList<>();
    for (Place place : group.places()) {
      area += areaMm2(place);
      switch (place) {
        case Place.OfFace(String id) -> {
          FaceReading face = face(id).orElseThrow();
          edge += face.measure().edgeMm();
          runsOver += face.measure().edgeMm2();
          widest = Math.max(widest, face.face().outline().widthMm());
          mask += keepOutsMm(face.face()) + neighboursMm(face, group);
          holes += face.face().marks().holes().stream().mapToInt(Hole::count).sum();
          level &= face.datum() == Edge.BOTTOM;
          bears.addAll(face.face().exposure());
          damage.addAll(face.face().blemishes());
        }
        case Place.OfZone(String id, String zoneId) -> {
          FaceReading face = face(id).orElseThrow();
          double round = face.face().zone(zoneId).area().on(face.face().outline()).getLength();
          edge += round;
          widest = Math.max(widest, zoneWideMm(face.face(), zoneId));
          mask += round;
          level &= face.datum() == Edge.BOTTOM;
          bears.addAll(face.face().exposure());
        }
        case Place.OfParts _ -> level = false;
      }
    }
    return new GroupSurface(
        found.makeUp(),
        found.finish(),
        Surfaces.now(found),
        Surfaces.wanted(first),
        bears,
        new GroupSurface.Extent(area, edge, runsOver, widest, mask, holes, tallestMm()),
        damage,
        level);
  }

  /**
   * What all of a group is judged by, where faces were put together that are not alike: what holds
   * on the slick one holds on the other too, and what hides on the darker one hides on the lighter.
   * The first of several that ask the same.
   */
  private Found.Surface mostDemanding(Group group) {
    Comparator<Found.Surface> byDemand =
        Comparator.<Found.Surface>comparingInt(CoatsReader::demands)
            .thenComparingDouble(
                s -> Surfaces.now(s).lab().ciede2000From(Surfaces.wanted(s).lab()));
    return group.places().stream()
        .map(this::found)
        .reduce((a, b) -> byDemand.compare(b, a) > 0 ? b : a)
        .orElseThrow();
  }

  /** Wax comes off first of all; then paint has to hold, then nothing to bleed, then to drink. */
  private static int demands(Found.Surface surface) {
    GroupSurface alone =
        new GroupSurface(
            surface.makeUp(),
            surface.finish(),
            Surfaces.now(surface),
            Surfaces.wanted(surface),
            surface.exposure(),
            new GroupSurface.Extent(1, 0, 0, 0, 0, 0, 0),
            List.of(),
            false);
    return (surface.finish() == Finish.WAXED ? 8 : 0)
        + (alone.isSlick() ? 4 : 0)
        + (alone.bleedsThrough(WHITE) ? 2 : 0)
        + (alone.drinks() ? 1 : 0);
  }

  private Found.Surface found(Place place) {
    return switch (place) {
      case Place.OfFace(String id) -> plan.foundOn(id).surface();
      case Place.OfZone(String id, String zoneId) -> {
        Found.Surface of = plan.foundOn(id).surface();
        Zone zone = face(id).orElseThrow().face().zone(zoneId);
        Found.Surface own =
            of.of(zone.makeUp().orElse(of.makeUp())).with(zone.finish().orElse(of.finish()));
        yield own.on(zone.colour());
      }
      case Place.OfParts(var parts, double _) ->
          switch (parts) {
            case KNOBS, HINGES, HANDLES -> Surfaces.of(MakeUp.METAL, Finish.BARE);
            case INSIDES, BACKS -> Surfaces.of(MakeUp.WOOD, Finish.BARE);
            case EDGES -> Surfaces.of(MakeUp.BOARD, Finish.BARE);
          };
    };
  }

  private double areaMm2(Place place) {
    return switch (place) {
      case Place.OfFace(String id) -> {
        FaceReading face = face(id).orElseThrow();
        double left =
            face.face().marks().zones().stream()
                .filter(z -> isElsewhere(id, z))
                .mapToDouble(z -> zoneMm2(face.face(), z))
                .sum();
        yield Math.max(1, face.measure().workedMm2() - left * face.face().relief().factor());
      }
      case Place.OfZone(String id, String zoneId) -> {
        Face face = face(id).orElseThrow().face();
        yield Math.max(1, zoneMm2(face, face.zone(zoneId)) * face.relief().factor());
      }
      case Place.OfParts(var parts, double measured) ->
          measured > 0 ? measured : Math.max(1, usualMm2(parts));
    };
  }

  private boolean isElsewhere(String faceId, Zone zone) {
    return groups.stream().anyMatch(g -> g.has(new Place.OfZone(faceId, zone.id())));
  }

  private static double zoneMm2(Face face, Zone zone) {
    return Planar.intersection(zone.area().on(face.outline()), face.outline().region()).getArea();
  }

  private static double zoneWideMm(Face face, String zoneId) {
    return face.zone(zoneId).area().on(face.outline()).getEnvelopeInternal().getWidth();
  }

  /** Hardware by its count; the insides of drawers by their fronts, until they are measured. */
  private double usualMm2(Place.Parts parts) {
    int fittings =
        reading.parts().stream()
            .flatMap(p -> p.fittings().stream())
            .mapToInt(Part.Fitting::holes)
            .sum();
    return switch (parts) {
      case KNOBS, HINGES, HANDLES -> Math.max(1, fittings) * parts.eachMm2();
      case INSIDES, BACKS -> insidesMm2();
      case EDGES ->
          reading.faces().stream()
              .filter(f -> f.place().shown())
              .mapToDouble(f -> f.measure().edgeMm2())
              .sum();
    };
  }

  /** Two sides, a back and a floor as deep as the piece, behind each front that comes off. */
  private double insidesMm2() {
    double deep = length("depth").orElse(0.0);
    double all = 0;
    for (FaceReading face : reading.faces()) {
      if (face.place().shown() && face.place().comesOff().isPresent()) {
        double w = face.face().outline().widthMm();
        double h = face.face().outline().heightMm();
        all += w * deep + 2 * h * deep + 2 * w * h;
      }
    }
    return all > 0 ? all : USUAL_PARTS_MM2;
  }

  private Optional<Double> length(String key) {
    return plan.form().entries().stream()
        .filter(e -> e.key().equals(key) && e instanceof MeasureSheet.LengthEntry)
        .map(e -> ((MeasureSheet.LengthEntry) e).mm())
        .findFirst();
  }

  private double tallestMm() {
    return length("height").orElse(0.0);
  }

  private static double keepOutsMm(Face face) {
    double mm = 0;
    for (KeepOut keepOut : face.keepOuts()) {
      if (keepOut.forbids().isEmpty()) {
        mm += keepOut.area().on(face.outline()).getLength();
      }
    }
    return mm;
  }

  /** Along which sides it touches what gets other coats. */
  private double neighboursMm(FaceReading face, Group group) {
    String id = face.face().id();
    double mm = 0;
    for (Join join : reading.joins()) {
      boolean first = join.faceA().equals(id);
      if (join.gapMm() > 0 || !first && !join.faceB().equals(id)) {
        continue;
      }
      String other = first ? join.faceB() : join.faceA();
      boolean apart =
          !group.hasFace(other)
              && face(other).map(FaceReading::place).filter(PlanFace::shown).isPresent();
      if (apart) {
        var side = first ? join.sideA() : join.sideB();
        mm +=
            face.measure().sides().stream()
                .filter(s -> s.name() == side)
                .mapToDouble(s -> s.lengthMm())
                .sum();
      }
    }
    return mm;
  }

  // ---- what lies on it

  private List<LayHere> lays(Group group) {
    Map<String, LayHere> all = new LinkedHashMap<>();
    Map<String, Integer> order = new HashMap<>();
    for (int i = 0; i < plan.lays().size(); i++) {
      order.put(plan.lays().get(i).id(), i);
    }
    for (Place place : group.places()) {
      if (place instanceof Place.OfFace(String id)) {
        for (LayReading lay : face(id).orElseThrow().lays()) {
          if (!isInOwnZone(lay)) {
            all.merge(lay.lay().id(), here(lay), CoatsReader::together);
          }
        }
      } else if (place instanceof Place.OfZone(String id, String zoneId)) {
        for (LayReading lay : face(id).orElseThrow().lays()) {
          if (lay.lay().place().zoneId().filter(zoneId::equals).isPresent()) {
            all.merge(lay.lay().id(), here(lay), CoatsReader::together);
          }
        }
      }
    }
    return all.values().stream()
        .sorted(Comparator.comparing(l -> order.getOrDefault(l.layId(), 0)))
        .toList();
  }

  private boolean isInOwnZone(LayReading lay) {
    return lay.lay()
        .place()
        .zoneId()
        .filter(z -> groups.stream().anyMatch(g -> g.has(new Place.OfZone(lay.lay().faceId(), z))))
        .isPresent();
  }

  private static LayHere together(LayHere a, LayHere b) {
    return new LayHere(
        a.layId(),
        a.design().or(b::design),
        a.design().isPresent() ? a.name() : b.name(),
        a.areaMm2() + b.areaMm2(),
        a.pot().or(b::pot),
        a.coats(),
        a.ml() + b.ml(),
        a.handsOn().plus(b.handsOn()));
  }

  private LayHere here(LayReading lay) {
    Optional<Medium> pot =
        lay.lay()
            .potId()
            .flatMap(id -> shelf.product(new Wish.Product.OfPot(id)))
            .map(InHand::medium);
    return switch (lay) {
      case LayReading.Laid laid ->
          new LayHere(
              laid.lay().id(),
              Optional.of(laid.design()),
              laid.design().name(),
              laid.items().stream().mapToDouble(i -> i.share() * i.box().areaMm2()).sum(),
              pot,
              laid.lay().coats(),
              laid.lead() ? laid.takes().potMl() : 0,
              laid.lead()
                  ? laid.takes()
                      .find(Need.HandsOn.class)
                      .map(Need.HandsOn::time)
                      .orElse(Duration.ZERO)
                  : Duration.ZERO);
      case LayReading.DoesNotFit not ->
          new LayHere(
              not.lay().id(),
              not.design(),
              not.design().map(d -> d.name()).orElse(""),
              0,
              pot,
              not.lay().coats(),
              0,
              Duration.ZERO);
      case LayReading.Missing gone ->
          new LayHere(
              gone.lay().id(), Optional.empty(), "", 0, pot, gone.lay().coats(), 0, Duration.ZERO);
    };
  }
}
