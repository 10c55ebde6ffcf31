package craftmap.core.plan.order;

import craftmap.core.design.CustomCut;
import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.Napkin;
import craftmap.core.design.Paper;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.Texture;
import craftmap.core.design.Transfer;
import craftmap.core.medium.Role;
import craftmap.core.order.mishap.Remedy;
import craftmap.core.order.mishap.Trouble;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Link;
import craftmap.core.order.work.Work;
import craftmap.core.order.work.WorkStep;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReading;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What can go wrong with the steps of a piece, and what helps there. */
public final class Remedies {
  private static final Set<Role> COLOURS =
      EnumSet.of(Role.PAINT, Role.GLAZE, Role.STAIN, Role.METALLIC_WAX);

  private final Work work;
  private final Draws draws;
  private final PlanReading reading;
  private final CoatsReading coats;

  public Remedies(AskedOrder asked, PlanReading reading, CoatsReading coats) {
    this.work = asked.work();
    this.reading = reading;
    this.coats = coats;
    this.draws = Draws.of(asked, reading, coats);
  }

  /**
   * Something that may have gone wrong.
   *
   * @param stepId of the step that has to be mended: where something was missed, that before it
   * @param remedies what helps, gentlest first; to leave it last, where that can be
   */
  public record Offer(String stepId, Trouble trouble, List<Remedy> remedies) {
    public Offer {
      remedies = List.copyOf(remedies);
    }
  }

  /** What may have gone wrong with a step; nothing with what mends something else. */
  public List<Offer> of(WorkStep step) {
    List<Offer> offers = new ArrayList<>();
    for (Trouble trouble : troubles(step)) {
      WorkStep at = trouble == Trouble.MISSED_WINDOW ? whatWasLeft(step).orElse(step) : step;
      List<Remedy> remedies = remedies(AtFault.of(at, reading, coats), trouble, step);
      if (!remedies.isEmpty()) {
        offers.add(new Offer(at.id(), trouble, remedies));
      }
    }
    return offers;
  }

  private List<Trouble> troubles(WorkStep step) {
    List<Trouble> all =
        new ArrayList<>(
            switch (step.doing()) {
              case COAT -> ofCoating(AtFault.of(step, reading, coats));
              case LAY ->
                  AtFault.of(step, reading, coats)
                      .design()
                      .map(Remedies::ofLaying)
                      .orElse(List.of());
              case CUT -> List.of(Trouble.TORN);
              case CAST -> List.of(Trouble.BROKEN);
              case UNMASK -> List.of(Trouble.PULLED_OFF, Trouble.BLED_UNDER);
              case SAND, DISTRESS -> List.of(Trouble.RUBBED_THROUGH);
              case HARDWARE_OFF,
                  HARDWARE_ON,
                  TEST_FOR_LEAD,
                  WAX_OFF,
                  STRIP,
                  CLEAN,
                  FILL,
                  DUST_OFF,
                  MASK,
                  RESIST,
                  SIZE,
                  LIFT,
                  MEND,
                  OWN ->
                  List.of();
            });
    if (step.doing() != Doing.MEND && (whatWasLeft(step).isPresent() || isPressedInto(step))) {
      all.add(Trouble.MISSED_WINDOW);
    }
    if (step.doing() != Doing.MEND && draws.of(step.id()).isPresent()) {
      all.add(Trouble.RAN_OUT);
    }
    return all;
  }

  private static List<Trouble> ofCoating(AtFault at) {
    List<Trouble> all = new ArrayList<>(List.of(Trouble.RUNS));
    at.coat()
        .filter(c -> c.hides() > 0)
        .ifPresent(
            c -> {
              all.add(Trouble.BLEEDS_THROUGH);
              if (COLOURS.contains(c.role())) {
                all.add(Trouble.WRONG_COLOUR);
              }
            });
    return all;
  }

  private static List<Trouble> ofLaying(Design design) {
    return switch (design) {
      case StencilDesign _ when isPainted(design) -> List.of(Trouble.BLED_UNDER, Trouble.SLIPPED);
      case Texture _ -> List.of(Trouble.SLIPPED);
      case FoilRoll _ -> List.of(Trouble.TORN);
      case Mould _, Moulding _ -> List.of(Trouble.LIFTED_EDGE, Trouble.SLIPPED, Trouble.BROKEN);
      case Napkin _, Paper _, CutOut _ ->
          List.of(Trouble.LIFTED_EDGE, Trouble.WRINKLE, Trouble.TORN, Trouble.SLIPPED);
      case Transfer _, CustomCut _ -> List.of(Trouble.LIFTED_EDGE, Trouble.TORN, Trouble.SLIPPED);
      default -> List.of(Trouble.SLIPPED);
    };
  }

  /** What is painted through, and not what stays on. */
  private static boolean isPainted(Design design) {
    return !(design instanceof CustomCut cut) || cut.film() == CustomCut.Film.STENCIL_FILM;
  }

  /** The step that had to be followed in time; none where it may be followed at any time. */
  private Optional<WorkStep> whatWasLeft(WorkStep step) {
    return work.links().stream()
        .filter(l -> l.to().equals(step.id()) && l.atMost().isPresent())
        .map(Link::from)
        .map(work::step)
        .filter(s -> s.doing() != Doing.MEND)
        .findFirst();
  }

  private boolean isPressedInto(WorkStep step) {
    return step.doing() == Doing.LAY && step.material().workable().isPresent();
  }

  /**
   * @param next what it is told of: the step itself, or what had to follow it in time
   */
  private static List<Remedy> remedies(AtFault at, Trouble trouble, WorkStep next) {
    boolean toTouchUp = at.under().isPresent();
    List<Remedy> all =
        new ArrayList<>(
            switch (trouble) {
              case RUNS -> List.of(Remedy.BRUSH_OUT, Remedy.SAND_AND_AGAIN);
              case BLEEDS_THROUGH ->
                  at.stainBlocker().isPresent()
                      ? List.of(Remedy.BLOCK_AND_AGAIN)
                      : List.<Remedy>of();
              case WRONG_COLOUR -> List.of(Remedy.OVER_AGAIN);
              case MISSED_WINDOW ->
                  switch (at.step().doing()) {
                    case SIZE -> List.of(Remedy.SIZE_AGAIN);
                    case COAT ->
                        List.of(next.doing() == Doing.UNMASK ? Remedy.SCORE : Remedy.SCUFF);
                    case LAY -> List.of(Remedy.SAND_AND_AGAIN);
                    default -> List.of();
                  };
              case LIFTED_EDGE -> List.of(Remedy.STICK_DOWN);
              case WRINKLE -> List.of(Remedy.SMOOTH, Remedy.SLIT_AND_STICK);
              case TORN ->
                  at.step().doing() == Doing.CUT
                      ? List.of(Remedy.ONCE_MORE)
                      : List.of(Remedy.PATCH, Remedy.ONCE_MORE);
              case BLED_UNDER, SLIPPED ->
                  isLaidOn(at)
                      ? List.of(Remedy.ONCE_MORE)
                      : toTouchUp
                          ? List.of(Remedy.WIPE_OFF, Remedy.TOUCH_UP)
                          : List.of(Remedy.WIPE_OFF);
              case PULLED_OFF, RUBBED_THROUGH ->
                  toTouchUp ? List.of(Remedy.TOUCH_UP) : List.<Remedy>of();
              case BROKEN -> List.of(Remedy.ONCE_MORE);
              case RAN_OUT -> List.of(Remedy.THE_REST);
            });
    if (!all.isEmpty() && mayStay(trouble)) {
      all.add(Remedy.LEAVE);
    }
    return all;
  }

  /** What is laid stays on, other than what is painted through and taken off again. */
  private static boolean isLaidOn(AtFault at) {
    return at.design()
        .filter(d -> !(d instanceof StencilDesign && isPainted(d)) && !(d instanceof Texture))
        .isPresent();
  }

  private static boolean mayStay(Trouble trouble) {
    return switch (trouble) {
      case RUNS,
          BLEEDS_THROUGH,
          WRONG_COLOUR,
          LIFTED_EDGE,
          WRINKLE,
          TORN,
          BLED_UNDER,
          SLIPPED,
          PULLED_OFF,
          RUBBED_THROUGH ->
          true;
      case MISSED_WINDOW, BROKEN, RAN_OUT -> false;
    };
  }
}
