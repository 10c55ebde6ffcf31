package craftmap.core.plan.order;

import craftmap.core.coats.Band;
import craftmap.core.coats.BandReading;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Habits;
import craftmap.core.coats.LayHere;
import craftmap.core.coats.Pace;
import craftmap.core.coats.Place;
import craftmap.core.coats.StepKind;
import craftmap.core.coats.Where;
import craftmap.core.design.CustomCut;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.Texture;
import craftmap.core.measure.Times;
import craftmap.core.medium.Medium;
import craftmap.core.medium.Role;
import craftmap.core.medium.Tool;
import craftmap.core.medium.ToolKind;
import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Dry;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Material;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Need;
import craftmap.core.plan.Part;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Derives the steps of a piece from its build-ups and lays: what waits for what follows from them,
 * not from a list of stages.
 */
public final class StepsReader {
  /** Rows of what is made by itself, and of what is unscrewed. */
  public static final String CUTTING = "cutting";

  public static final String CASTINGS = "castings";
  public static final String HARDWARE = "hardware";

  private final String pieceId;
  private final PlanReading reading;
  private final CoatsReading coats;

  private final List<WorkStep> steps = new ArrayList<>();
  private final List<Link> links = new ArrayList<>();

  /** How the piece has to lie for the steps. */
  private final List<Turning.Lies> lies = new ArrayList<>();

  /** What stands last in each group, and what of it is wet. */
  private final Map<String, Last> last = new LinkedHashMap<>();

  /** Lays that are in it already: one over two groups is laid once. */
  private final Set<String> laid = new HashSet<>();

  /**
   * The last step of something.
   *
   * @param under a step before it that left something wet, where it left nothing wet itself: dust
   *     is wiped off what may not be painted over yet
   */
  private record Last(String stepId, Optional<Medium> wet, Optional<Last> under) {
    static Last dry(String stepId) {
      return new Last(stepId, Optional.empty(), Optional.empty());
    }

    static Last wet(String stepId, Medium medium) {
      return new Last(stepId, Optional.of(medium), Optional.empty());
    }

    /** What is wet of it, be it further down. */
    Optional<Last> soft() {
      return wet.isPresent() ? Optional.of(this) : under;
    }

    Last then(String next, Optional<Medium> medium) {
      return new Last(next, medium, medium.isPresent() ? Optional.empty() : soft());
    }
  }

  /** What is done already, as the piece calls it. */
  private final Set<String> done;

  private StepsReader(String pieceId, PlanReading reading, CoatsReading coats, Set<String> done) {
    this.pieceId = pieceId;
    this.reading = reading;
    this.coats = coats;
    this.done = done;
  }

  /**
   * None of a piece that nothing is put on.
   *
   * @param done what is done already, as the piece calls it
   */
  public static Work of(String pieceId, PlanReading reading, CoatsReading coats, Set<String> done) {
    StepsReader reader = new StepsReader(pieceId, reading, coats, done);
    reader.read();
    List<PlanFace> faces = reading.faces().stream().map(PlanReading.FaceReading::place).toList();
    return new Work(
        reader.steps, reader.links, Turning.of(faces, reader.lies), Things.of(pieceId, faces));
  }

  private void read() {
    Optional<String> off = hardwareOff();
    for (Turn turn : Turn.all(coats)) {
      Last before = last.get(turn.group().group().id());
      if (before == null) {
        off.ifPresent(id -> last.put(turn.group().group().id(), Last.dry(id)));
      }
      band(turn.group(), turn.band());
    }
    off.ifPresent(this::hardwareOn);
  }

  private void band(GroupReading group, BandReading reading) {
    switch (reading.band()) {
      case Band.Step step -> step(group, reading, step);
      case Band.Coat coat -> coat(group, reading, coat);
      case Band.OfLay lay -> lay(group, reading, lay);
    }
  }

  // ---- preparation, and what is done between coats

  private void step(GroupReading group, BandReading reading, Band.Step step) {
    if (!reading.handsOn().isPositive()) {
      return;
    }
    Optional<Medium> wet = step.of().map(p -> p.medium());
    put(
        group,
        reading,
        new WorkStep(
            id(group, step.key()),
            pieceId,
            group.group().id(),
            doing(step.kind()),
            step.key(),
            1,
            1,
            reading.handsOn(),
            on(group),
            Set.of(),
            wet.map(Waits::touch),
            material(wet, false)),
        wet);
  }

  private static Doing doing(StepKind kind) {
    return switch (kind) {
      case TEST_FOR_LEAD -> Doing.TEST_FOR_LEAD;
      case WAX_OFF -> Doing.WAX_OFF;
      case STRIP -> Doing.STRIP;
      case CLEAN -> Doing.CLEAN;
      case FILL -> Doing.FILL;
      case SAND -> Doing.SAND;
      case DUST_OFF -> Doing.DUST_OFF;
      case MASK -> Doing.MASK;
      case RESIST -> Doing.RESIST;
      case DISTRESS -> Doing.DISTRESS;
    };
  }

  private static Material material(Optional<Medium> medium, boolean workedWet) {
    return medium.map(m -> Waits.material(m, workedWet, Duration.ZERO)).orElse(Material.NONE);
  }

  // ---- coats

  private void coat(GroupReading group, BandReading reading, Band.Coat coat) {
    Medium medium = coat.of().medium();
    Duration each = reading.handsOn().dividedBy(coat.times());
    if (!each.isPositive()) {
      return;
    }
    for (int n = 1; n <= coat.times(); n++) {
      WorkStep step =
          new WorkStep(
              id(group, coat.key()) + ":" + n,
              pieceId,
              group.group().id(),
              Doing.COAT,
              coat.key(),
              n,
              coat.times(),
              each,
              on(group),
              onlyOne(coat.tool()),
              Optional.of(Waits.touch(medium)),
              Waits.material(
                  medium,
                  coat.where() instanceof Where.Blended,
                  Times.ofMinutes(Pace.SET_UP_MINUTES)));
      lies.add(
          new Turning.Lies(
              step.id(),
              facesOf(group),
              coat.where() instanceof Where.Poured || coat.role() == Role.RESIN,
              false,
              Optional.of(Waits.handle(medium))));
      if (n == 1) {
        put(group, reading, step, Optional.of(medium));
      } else {
        String before = last.get(group.group().id()).stepId();
        Link link = Link.dry(before, step.id(), Waits.recoat(medium));
        // what is sanded between coats may be gone over at any time
        Optional<Dry> window = coat.grit().isPresent() ? Optional.empty() : Waits.window(medium);
        links.add(window.map(link::within).orElse(link));
        steps.add(step);
        last.put(group.group().id(), Last.wet(step.id(), medium));
      }
    }
    if (isLastOverTape(group, reading)) {
      unmask(group, medium);
    }
  }

  /** Brushes lie about in every studio; of what is set up to spray there is one. */
  private static Set<String> onlyOne(Tool tool) {
    return tool.kind() == ToolKind.SPRAYER ? Set.of("tool " + tool.id()) : Set.of();
  }

  /** Whether tape was stuck on before it, and nothing is painted over the edges of it after. */
  private static boolean isLastOverTape(GroupReading group, BandReading coat) {
    int at = group.bands().indexOf(coat);
    boolean masked =
        group.bands().subList(0, at).stream()
            .anyMatch(
                b ->
                    b.band() instanceof Band.Step s
                        && s.kind() == StepKind.MASK
                        && b.handsOn().isPositive());
    return masked
        && group.bands().subList(at + 1, group.bands().size()).stream()
            .noneMatch(b -> b.band() instanceof Band.Coat c && c.where().tintsAll());
  }

  /** Tape comes off while the last coat is soft: later it tears the film. */
  private void unmask(GroupReading group, Medium medium) {
    Duration time =
        Times.ofMinutes(Math.max(1, group.surface().extent().maskMm() / Pace.UNTAPE_MM_PER_MIN));
    WorkStep step =
        new WorkStep(
            id(group, "unmask"),
            pieceId,
            group.group().id(),
            Doing.UNMASK,
            StepKind.MASK.key(),
            1,
            1,
            time,
            on(group),
            Set.of(),
            Optional.empty(),
            Material.NONE);
    Last before = last.get(group.group().id());
    steps.add(step);
    links.add(
        Link.after(before.stepId(), step.id())
            .within(new Dry(Dry.For.FRESH, medium.drying().touchDry(), Waits.law(medium))));
    // the coat goes on drying; what follows waits for it, and for the tape
    bare.put(group.group().id(), step.id());
  }

  /** Groups whose tape came off since their last coat. */
  private final Map<String, String> bare = new HashMap<>();

  // ---- lays

  private void lay(GroupReading group, BandReading reading, Band.OfLay band) {
    LayHere here = band.lay();
    if (laid.contains(here.layId())) {
      // laid along with another group: what lies under it here was seen to there
      return;
    }
    Optional<LayReading.Laid> lead = this.reading.led(here.layId());
    Optional<Need.HandsOn> hands = lead.flatMap(l -> l.takes().find(Need.HandsOn.class));
    if (hands.isEmpty() || !hands.get().there().isPositive()) {
      return;
    }
    LayReading.Laid lay = lead.get();
    Optional<Medium> wet = Waits.wetOf(here);
    Optional<Made> made = ahead(lay, hands.get(), wet);
    Last end = layAll(group, reading, here, lay, hands.get(), made);
    for (GroupReading other : coats.groups()) {
      if (other.band(band.key()).isPresent()) {
        last.put(other.group().id(), end);
      }
    }
    laid.add(here.layId());
  }

  /** What is cut or cast before, and what has to pass until it can be laid. */
  private record Made(String stepId, Optional<Dry> hard) {}

  private Optional<Made> ahead(LayReading.Laid lay, Need.HandsOn hands, Optional<Medium> of) {
    if (!hands.ahead().isPositive()) {
      return Optional.empty();
    }
    boolean cast = lay.design() instanceof Mould;
    String id = pieceId + ":" + (cast ? "cast:" : "cut:") + lay.lay().id();
    steps.add(
        new WorkStep(
            id,
            pieceId,
            cast ? CASTINGS : CUTTING,
            cast ? Doing.CAST : Doing.CUT,
            Band.LAY + lay.lay().id(),
            1,
            1,
            hands.ahead(),
            Set.of(),
            cast ? Set.of("design " + lay.design().id()) : Set.of(),
            Optional.empty(),
            cast ? material(of, false) : Material.NONE));
    Optional<Dry> hard =
        lay.takes()
            .find(Need.Castings.class)
            .map(
                c ->
                    new Dry(
                        Dry.For.CAST, c.readyAfter(), of.map(Waits::law).orElse(DryingLaw.WARMTH)));
    return Optional.of(new Made(id, hard));
  }

  private Last layAll(
      GroupReading group,
      BandReading reading,
      LayHere here,
      LayReading.Laid lay,
      Need.HandsOn hands,
      Optional<Made> made) {
    Optional<Medium> wet = Waits.wetOf(here);
    Set<String> on = Faces.of(pieceId, lay.faceIds());
    Set<String> with =
        lay.design() instanceof StencilDesign ? Set.of("design " + lay.design().id()) : Set.of();
    Optional<Dry> lain = Stretch.leavesWet(lay.design()) ? wet.map(Waits::touch) : Optional.empty();
    String base = pieceId + ":lay:" + here.layId();
    Stretch.Through through = through(here, lay, wet);
    List<Stretch> stretches = Stretch.of(lay.design(), here.coats(), through, hands, wet);
    int of = (int) stretches.stream().filter(s -> s.doing() == Doing.LAY).count();
    int n = 0;
    String first = "";
    String before = "";
    String lastLaid = "";
    for (int i = 0; i < stretches.size(); i++) {
      Stretch s = stretches.get(i);
      n += s.doing() == Doing.LAY ? 1 : 0;
      WorkStep step =
          new WorkStep(
              base + ":" + through.name(s.doing(), i),
              pieceId,
              group.group().id(),
              s.doing(),
              here.key(),
              Math.max(1, n),
              of,
              s.time(),
              on,
              with,
              s.doing() == Doing.LAY ? lain : Optional.empty(),
              material(wet, s.doing() == Doing.LAY && lay.design() instanceof Texture));
      boolean stays = through.dry() && s.doing() == Doing.LAY;
      steps.add(stays ? wet.map(Waits::touch).map(step::keeping).orElse(step) : step);
      lies.add(
          new Turning.Lies(
              step.id(),
              Set.copyOf(lay.faceIds()),
              false,
              lay.design() instanceof Mould || lay.design() instanceof Moulding,
              s.doing() == Doing.LIFT ? Optional.empty() : wet.map(Waits::handle)));
      if (i == 0) {
        first = step.id();
      } else {
        links.add(new Link(before, step.id(), s.atLeast(), s.atMost()));
      }
      before = step.id();
      lastLaid = s.doing() == Doing.LAY ? step.id() : lastLaid;
    }
    follow(group, reading, first);
    String begin = first;
    made.ifPresent(m -> links.add(new Link(m.stepId(), begin, m.hard(), Optional.empty())));
    if (!Stretch.leavesWet(lay.design()) || wet.isEmpty()) {
      return Last.dry(before);
    }
    // what was lifted is touch-dry; what follows may have to wait for more than that
    return through.dry()
        ? Last.wet(lastLaid, wet.get()).then(before, Optional.empty())
        : Last.wet(before, wet.get());
  }

  /**
   * How a stencil goes over its places, by the school that the piece follows; what was begun is
   * finished as it was begun.
   */
  private Stretch.Through through(LayHere here, LayReading.Laid lay, Optional<Medium> wet) {
    if (!(lay.design() instanceof StencilDesign)) {
      return Stretch.Through.AT_ONCE;
    }
    Optional<Boolean> begun = Stretch.Through.begunDry(Band.LAY + here.layId() + ":", done);
    boolean dry =
        begun.orElse(coats.habits().lift() == Habits.Lift.DRY)
            && wet.filter(Stretch.Through::mayDry).isPresent();
    // a cut stencil lies everywhere at once, and is peeled off once
    return new Stretch.Through(lay.design() instanceof CustomCut ? 1 : places(here.layId()), dry);
  }

  /** How often a sheet is laid down, over all faces. */
  private int places(String layId) {
    return Math.max(
        1,
        reading.lays().stream()
            .filter(LayReading.Laid.class::isInstance)
            .map(LayReading.Laid.class::cast)
            .filter(l -> l.lay().id().equals(layId))
            .mapToInt(l -> l.seen().items().size())
            .sum());
  }

  // ---- what is unscrewed

  private Optional<String> hardwareOff() {
    int holes =
        reading.parts().stream()
            .flatMap(p -> p.fittings().stream())
            .mapToInt(Part.Fitting::holes)
            .sum();
    boolean worked = coats.groups().stream().anyMatch(g -> g.handsOn().isPositive());
    if (holes == 0 || !worked) {
      return Optional.empty();
    }
    steps.add(hardware(Doing.HARDWARE_OFF, Pace.SET_UP_MINUTES + holes * Pace.UNSCREW_MINUTES));
    return Optional.of(pieceId + ":" + Doing.HARDWARE_OFF);
  }

  private WorkStep hardware(Doing doing, double minutes) {
    Set<String> all = new HashSet<>();
    coats.groups().forEach(g -> all.addAll(on(g)));
    return new WorkStep(
        pieceId + ":" + doing,
        pieceId,
        HARDWARE,
        doing,
        HARDWARE,
        1,
        1,
        Times.ofMinutes(minutes),
        all,
        Set.of(),
        Optional.empty(),
        Material.NONE);
  }

  private void hardwareOn(String off) {
    int holes =
        reading.parts().stream()
            .flatMap(p -> p.fittings().stream())
            .mapToInt(Part.Fitting::holes)
            .sum();
    WorkStep on = hardware(Doing.HARDWARE_ON, Pace.SET_UP_MINUTES + holes * Pace.SCREW_ON_MINUTES);
    steps.add(on);
    Set<String> linked = new LinkedHashSet<>();
    last.forEach(
        (group, l) -> {
          for (Last each : l.under().map(u -> List.of(l, u)).orElse(List.of(l))) {
            if (linked.add(each.stepId())) {
              links.add(
                  new Link(
                      each.stepId(), on.id(), each.wet().map(Waits::handle), Optional.empty()));
            }
          }
          Optional.ofNullable(bare.get(group))
              .filter(linked::add)
              .ifPresent(tape -> links.add(Link.after(tape, on.id())));
        });
    if (linked.isEmpty()) {
      links.add(Link.after(off, on.id()));
    }
  }

  // ---- all of them

  private static Set<String> facesOf(GroupReading group) {
    Set<String> faces = new HashSet<>();
    for (Place place : group.group().places()) {
      switch (place) {
        case Place.OfFace(String face) -> faces.add(face);
        case Place.OfZone(String face, String _) -> faces.add(face);
        case Place.OfParts _ -> {}
      }
    }
    return faces;
  }

  private void put(GroupReading group, BandReading reading, WorkStep step, Optional<Medium> wet) {
    steps.add(step);
    follow(group, reading, step.id());
    Last before = last.get(group.group().id());
    last.put(
        group.group().id(),
        before == null ? new Last(step.id(), wet, Optional.empty()) : before.then(step.id(), wet));
  }

  /** Puts a step after what stands last in every group that it is in. */
  private void follow(GroupReading group, BandReading band, String stepId) {
    Set<String> linked = new HashSet<>();
    for (GroupReading other : coats.groups()) {
      boolean in =
          other.group().id().equals(group.group().id())
              || band.band() instanceof Band.OfLay && other.band(band.band().key()).isPresent();
      if (!in) {
        continue;
      }
      String id = other.group().id();
      Last before = last.get(id);
      if (before != null && linked.add(before.stepId())) {
        boolean blended = isBlendedWith(other, before, band);
        if (blended) {
          // the colour beside it goes on at once: both lie in one place, which the last one tells
          steps.replaceAll(s -> s.id().equals(before.stepId()) ? s.leavingNothingWet() : s);
        }
        links.add(
            new Link(
                before.stepId(),
                stepId,
                before.wet().filter(m -> !blended).flatMap(m -> Waits.before(band.band(), m)),
                Optional.empty()));
        before
            .under()
            .filter(u -> linked.add(u.stepId()))
            .ifPresent(
                u ->
                    links.add(
                        new Link(
                            u.stepId(),
                            stepId,
                            u.wet().flatMap(m -> Waits.before(band.band(), m)),
                            Optional.empty())));
      }
      Optional.ofNullable(bare.remove(id))
          .filter(linked::add)
          .ifPresent(tape -> links.add(Link.after(tape, stepId)));
    }
  }

  /** Colours that are worked into each other go on one beside the other, without waiting. */
  private boolean isBlendedWith(GroupReading group, Last before, BandReading band) {
    int at = group.bands().indexOf(band);
    return band.band() instanceof Band.Coat c
        && c.where() instanceof Where.Blended
        && at > 0
        && group.bands().get(at - 1).band() instanceof Band.Coat b
        && b.where() instanceof Where.Blended
        && before.stepId().startsWith(id(group, b.key()));
  }

  private String id(GroupReading group, String key) {
    return pieceId + ":" + group.group().id() + ":" + key;
  }

  private Set<String> on(GroupReading group) {
    return Faces.of(pieceId, group.group());
  }
}
