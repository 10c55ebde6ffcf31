package craftmap.core.plan;

import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.FilmRoll;
import craftmap.core.design.StencilDesign;
import craftmap.core.lay.BreakCrossing;
import craftmap.core.lay.Clearance;
import craftmap.core.lay.Eye;
import craftmap.core.lay.Item;
import craftmap.core.lay.Overhang;
import craftmap.core.lay.Room;
import craftmap.core.lay.Seam;
import craftmap.core.lay.pass.StencilPasses;
import craftmap.core.lay.rule.Fronts;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Pick;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.PotLabel;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.plane.TurnedBox;
import craftmap.core.surface.Face;
import craftmap.core.surface.ZonePlace;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Works out lays one after the other, in the order they are put on: each may go around what lies on
 * its faces already, and may go over several faces.
 */
public final class LayReader {
  private final Shelf shelf;
  private final TapeDivision tape;
  private final LayAnswers answers;
  private final Map<String, PlanFace> places = new LinkedHashMap<>();
  private final Map<String, List<LayReading>> readings = new HashMap<>();
  private final Map<String, Map<DesignKind, Room>> rooms = new HashMap<>();

  /**
   * Reads lays on some faces.
   *
   * @param answers what is known already
   */
  public LayReader(Shelf shelf, TapeDivision tape, LayAnswers answers, List<PlanFace> places) {
    this.shelf = shelf;
    this.tape = tape;
    this.answers = answers;
    places.forEach(p -> this.places.put(p.face().id(), p));
  }

  /** What was worked out so far on a face. */
  public List<LayReading> on(String faceId) {
    return readings.getOrDefault(faceId, List.of());
  }

  /** Works out a lay on all of its faces that there are. */
  public void read(Lay lay) {
    List<PlanFace> faces =
        lay.faceIds().stream()
            .filter(places::containsKey)
            .map(places::get)
            .filter(f -> f.shown() || f.face().id().equals(lay.faceId()))
            .toList();
    if (faces.isEmpty()) {
      return;
    }
    List<LayReading> worked;
    try {
      worked = workOut(lay, faces);
    } catch (RefusedInput refused) {
      // one lay that cannot be worked out must not hide the rest of the piece
      LayReading why =
          new LayReading.DoesNotFit(
              lay, Optional.empty(), Optional.empty(), new LayAnswer.Refused(refused));
      worked = faces.stream().map(f -> why).toList();
    }
    for (int f = 0; f < faces.size(); f++) {
      add(faces.get(f), worked.get(f));
    }
  }

  /** What a lay comes to, face by face. */
  private List<LayReading> workOut(Lay lay, List<PlanFace> faces) {
    Optional<LayReading.Missing> missing = missing(lay);
    if (missing.isPresent()) {
      return faces.stream().map(f -> (LayReading) missing.get()).toList();
    }
    Optional<Design> design = lay.designId().flatMap(shelf::design).map(lay.pieces()::laidAs);
    Optional<ZonePlace> zone =
        lay.place()
            .zoneId()
            .map(id -> faces.getFirst().face().zone(id))
            .map(z -> ZonePlace.on(faces.getFirst().face(), z));
    Fronts fronts = fronts(lay, faces, design, zone);
    Optional<PotLabel> pot = lay.potId().flatMap(shelf::pot);
    Laying laying = laying(fronts, lay, design);
    return switch (answers.of(asked(lay, faces, laying, zone), () -> lay.rule().lay(laying))) {
      case LayAnswer.Options options -> {
        // one decision for all its faces: what is laid on one is the same option on the others
        Chosen chosen = Chosen.of(lay, options);
        yield laid(lay, fronts, zone, faces, design, pot, chosen);
      }
      case LayAnswer why -> {
        LayReading reading = new LayReading.DoesNotFit(lay, design, pot, why);
        yield faces.stream().map(f -> reading).toList();
      }
    };
  }

  private LayAnswers.Asked asked(
      Lay lay, List<PlanFace> faces, Laying laying, Optional<ZonePlace> zone) {
    List<LayAnswers.Front> fronts = new ArrayList<>();
    for (int f = 0; f < faces.size(); f++) {
      PlanFace place = faces.get(f);
      Fronts.Front front = laying.fronts().all().get(f);
      fronts.add(
          new LayAnswers.Front(
              place.face(),
              place.setInto().isPresent(),
              front.room().insets(),
              front.at(),
              lay.clearMm().isEmpty() ? List.of() : laid(place, zone)));
    }
    return new LayAnswers.Asked(
        lay.rule(), fronts, laying.own(), laying.corner(), laying.more(), zone, lay.clearMm());
  }

  /** What there is to choose from, and which of it is laid. */
  private record Chosen(List<LayOption> options, int index, LayReading.PickState state) {
    static Chosen of(Lay lay, LayAnswer.Options options) {
      LayOption chosen = lay.pick().flatMap(p -> p.among(options.ranked())).orElse(options.best());
      return new Chosen(
          options.ranked(), options.ranked().indexOf(chosen), pickState(lay.pick(), chosen));
    }

    Chosen seenFrom(int face) {
      return face == 0
          ? this
          : new Chosen(options.stream().map(o -> o.seenFrom(face)).toList(), index, state);
    }

    Chosen movedBy(Point by) {
      return new Chosen(
          options.stream().map(o -> o.movedBy(by.xMm(), by.yMm())).toList(), index, state);
    }

    LayOption option() {
      return options.get(index);
    }
  }

  private void add(PlanFace face, LayReading reading) {
    readings.computeIfAbsent(face.face().id(), id -> new ArrayList<>()).add(reading);
  }

  private Optional<LayReading.Missing> missing(Lay lay) {
    boolean design =
        Stream.of(lay.designId().stream(), lay.moreDesignIds().stream())
            .flatMap(s -> s)
            .anyMatch(id -> shelf.design(id).isEmpty());
    if (design) {
      return Optional.of(new LayReading.Missing(lay, LayReading.What.DESIGN));
    }
    return lay.potId().filter(id -> shelf.pot(id).isEmpty()).isPresent()
        ? Optional.of(new LayReading.Missing(lay, LayReading.What.POT))
        : Optional.empty();
  }

  /**
   * Faces lie to each other as they do on the net, where gaps within a group are the true ones. All
   * is measured from where the lay's own face begins.
   */
  private Fronts fronts(
      Lay lay, List<PlanFace> faces, Optional<Design> design, Optional<ZonePlace> zone) {
    List<Fronts.Front> fronts = new ArrayList<>();
    Point origin = onNet(faces.getFirst());
    for (PlanFace face : faces) {
      Point at = onNet(face).movedBy(-origin.xMm(), -origin.yMm());
      fronts.add(new Fronts.Front(room(lay, face, design, zone), at));
    }
    return Fronts.of(fronts, 0);
  }

  private static Point onNet(PlanFace face) {
    return face.onNet().map(b -> new Point(b.leftMm(), b.topMm())).orElse(new Point(0, 0));
  }

  private Room room(Lay lay, PlanFace place, Optional<Design> design, Optional<ZonePlace> zone) {
    Room whole = whole(place, design);
    Room room = zone.map(whole::within).orElse(whole);
    if (lay.clearMm().isEmpty()) {
      return room;
    }
    return room.around(laid(place, zone), lay.clearMm().getAsDouble());
  }

  /** What lies on a face so far, as it is seen from where a zone of it begins. */
  private List<Item> laid(PlanFace place, Optional<ZonePlace> zone) {
    Point from = zone.map(ZonePlace::at).orElse(new Point(0, 0));
    return items(on(place.face().id())).stream()
        .map(i -> zone.isEmpty() ? i : i.movedBy(-from.xMm(), -from.yMm()))
        .toList();
  }

  /** All of a face. Sixty bands on one face have the same room, but for what they go around. */
  private Room whole(PlanFace place, Optional<Design> design) {
    Face face = place.face();
    DesignKind kind = design.map(Design::kind).orElse(DesignKind.CUSTOM_CUT);
    return rooms
        .computeIfAbsent(face.id(), id -> new EnumMap<>(DesignKind.class))
        .computeIfAbsent(
            kind,
            k -> {
              Room room = Room.on(face, k, PlanFaces.insets(face, places.values()));
              return place.setInto().isPresent() ? room.setIn() : room;
            });
  }

  public static List<Item> items(List<LayReading> readings) {
    return readings.stream()
        .filter(LayReading.Laid.class::isInstance)
        .flatMap(r -> ((LayReading.Laid) r).items().stream())
        .toList();
  }

  private Laying laying(Fronts fronts, Lay lay, Optional<Design> design) {
    List<Design> more =
        lay.moreDesignIds().stream().flatMap(id -> shelf.design(id).stream()).toList();
    return new Laying(
        fronts.ownFront().room(),
        design,
        lay.cornerDesignId().flatMap(shelf::design),
        more,
        fronts);
  }

  /** On all its faces; what it takes is counted over all of them, and told with each. */
  private List<LayReading> laid(
      Lay lay,
      Fronts fronts,
      Optional<ZonePlace> zone,
      List<PlanFace> faces,
      Optional<Design> own,
      Optional<PotLabel> pot,
      Chosen chosen) {
    List<OnFace> all = new ArrayList<>();
    for (int f = 0; f < fronts.all().size(); f++) {
      Room room = fronts.all().get(f).room();
      Chosen there = chosen.seenFrom(f);
      Eye.Seen seen = lay.eye().apply(room, there.option().items());
      all.add(new OnFace(room, whole(faces.get(f), own), there, seen));
    }
    Design design = own.orElseGet(() -> all.getFirst().chosen.option().items().getFirst().design());
    for (OnFace on : all) {
      on.passes =
          design instanceof StencilDesign stencil
              ? Optional.of(
                  StencilPasses.of(
                      positions(on.room.face(), on.seen.items()), stencil.usesBetweenWashes()))
              : Optional.empty();
    }
    Optional<FilmRoll> film =
        CutFromFilm.of(all.stream().flatMap(on -> on.seen.items().stream()).toList())
            .roll(
                () ->
                    shelf.films().stream()
                        .filter(
                            r ->
                                lay.pieces().cutFromId().filter(id -> !id.equals(r.id())).isEmpty())
                        .toList());
    double masking =
        all.stream().mapToDouble(on -> Masking.mm(on.room, design, on.seen.items())).sum();
    Needs takes =
        NeedsOfLay.of(
            lay,
            design,
            chosen.option(),
            all.getFirst().room.face(),
            all.stream().map(on -> on.seen.items()).toList(),
            pot,
            all.getFirst().passes,
            film,
            masking,
            shelf.learned());
    List<String> faceIds = faces.stream().map(p -> p.face().id()).toList();
    List<LayReading> readings = new ArrayList<>();
    for (OnFace inZone : all) {
      // worked out from where the zone begins, it is told from where the face does
      OnFace on = zone.map(z -> inZone.movedBy(z.at())).orElse(inZone);
      readings.add(
          new LayReading.Laid(
              lay,
              faceIds,
              readings.isEmpty(),
              design,
              pot,
              on.chosen.options(),
              on.chosen.option(),
              on.seen,
              chosen.state(),
              SetOuts.of(
                  on.whole.outline(),
                  zone.map(ZonePlace::at).orElse(new Point(0, 0)),
                  tape,
                  lay.rule(),
                  on.chosen.option(),
                  on.seen.items()),
              on.passes,
              Clearance.of(on.whole.obstacles(), on.seen.items()),
              BreakCrossing.of(on.whole.face().marks().breaks(), on.seen.items()),
              Overhang.intoInsets(on.whole.insets(), on.seen.items()),
              film,
              zone,
              takes));
    }
    return readings;
  }

  /** What a lay comes to on one face, while it is worked out. */
  private static final class OnFace {
    private final Room room;
    private final Room whole;
    private final Chosen chosen;
    private final Eye.Seen seen;
    private Optional<StencilPasses> passes = Optional.empty();

    OnFace(Room room, Room whole, Chosen chosen, Eye.Seen seen) {
      this.room = room;
      this.whole = whole;
      this.chosen = chosen;
      this.seen = seen;
    }

    OnFace movedBy(Point by) {
      OnFace moved = new OnFace(room, whole, chosen.movedBy(by), seen.movedBy(by.xMm(), by.yMm()));
      moved.passes = passes;
      return moved;
    }
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

  /** Where a face rolls up, a print beyond the seam is as near as one before it. */
  public static List<StencilPasses.Position> positions(Face face, List<Item> items) {
    List<Seam> seams = Seam.of(face.outline());
    List<StencilPasses.Position> positions = new ArrayList<>(items.size());
    for (Item item : items) {
      if (item.design() instanceof StencilDesign stencil) {
        TurnedBox print = item.clip().isEmpty() ? item.box() : TurnedBox.of(item.visible());
        TurnedBox sheet = item.sheet(stencil);
        positions.add(
            new StencilPasses.Position(
                print, sheet, seams.isEmpty() ? List.of() : again(face, seams, print, sheet)));
      }
    }
    return positions;
  }

  /** Where a print is met once more, as far as a sheet on the face may reach it. */
  private static List<TurnedBox> again(
      Face face, List<Seam> seams, TurnedBox print, TurnedBox sheet) {
    double reach = sheet.widthMm() + sheet.heightMm();
    Box near =
        new Box(
            -reach,
            -reach,
            face.outline().widthMm() + 2 * reach,
            face.outline().heightMm() + 2 * reach);
    return seams.stream()
        .map(s -> s.beyond(print))
        .filter(p -> p.around().overlaps(near, 0))
        .toList();
  }
}
