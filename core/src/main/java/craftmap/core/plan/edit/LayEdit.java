package craftmap.core.plan.edit;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.design.Card;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.PutOn;
import craftmap.core.design.Rights;
import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.cover.Across;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.YesNo;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.Proposal;
import craftmap.core.plane.Point;
import craftmap.core.surface.Face;
import craftmap.core.surface.outline.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is done to a lay. */
public sealed interface LayEdit extends PlanEdit {

  /** Edits that change one lay, and nothing else. */
  sealed interface OfLay extends LayEdit {
    String layId();

    Lay to(Lay lay);

    Told told(Lay before, String called);

    @Override
    default Edited to(Plan plan, Editing editing) {
      Lay before = Editing.lay(plan, layId());
      return new Edited(
          plan.with(to(before)),
          told(before, editing.called(before)),
          Edited.Focus.on(before.faceId(), layId()));
    }
  }

  // ---- the rule and its measures

  /**
   * Measures and choices of the rule; the others stay. What is put by hand stays where it is put: a
   * place that is typed is laid as one that it was dragged to, and what is only said to be put by
   * hand lies where it lay.
   */
  record Measure(String layId, Map<String, Double> measures, Map<String, String> choices)
      implements OfLay {
    public Measure {
      measures = Map.copyOf(measures);
      choices = Map.copyOf(choices);
    }

    private static final String BY_HAND = "placed";
    private static final Map<String, String> PUT = Map.of(BY_HAND, YesNo.YES.name());

    @Override
    public Edited to(Plan plan, Editing editing) {
      Lay before = Editing.lay(plan, layId);
      return new Edited(
          plan.with(to(isPutByHandNow(before) ? whereItLies(before, plan, editing) : before)),
          told(before, editing.called(before)),
          Edited.Focus.on(before.faceId(), layId));
    }

    @Override
    public Lay to(Lay lay) {
      RuleNote answered = answered(lay);
      Answers.labels(answered.entries(), measures, choices);
      Lay.Work work = lay.work().ruled(answered);
      Optional<Way> byHand = answered.kind().byHand();
      boolean touched = typedAPlace() || choices.containsKey(BY_HAND);
      if (byHand.isEmpty() || !touched) {
        return lay.with(work);
      }
      Optional<Pick> picked =
          isByHand(answered)
              ? Optional.of(new Pick(byHand.get(), 1, 1))
              : work.pick().filter(p -> p.way() != byHand.get());
      return lay.with(work.picked(picked));
    }

    private RuleNote answered(Lay lay) {
      RuleNote rule = lay.work().rule().with(measures, choices);
      boolean put =
          typedAPlace() && !choices.containsKey(BY_HAND) && rule.kind().byHand().isPresent();
      return put ? rule.with(Map.of(), PUT) : rule;
    }

    private boolean typedAPlace() {
      return measures.containsKey("x") || measures.containsKey("y");
    }

    private static boolean isByHand(RuleNote rule) {
      return YesNo.YES.name().equals(rule.choices().get(BY_HAND));
    }

    private boolean isPutByHandNow(Lay before) {
      return before
              .work()
              .rule()
              .kind()
              .byHand()
              .filter(w -> w == Way.Alone.STAND_PLACED)
              .isPresent()
          && !isByHand(before.work().rule())
          && isByHand(answered(before));
    }

    /** The same with the place of its middle written down, as far as it lies anywhere. */
    private static Lay whereItLies(Lay lay, Plan plan, Editing editing) {
      return editing
          .reader()
          .of(lay, plan, lay.faceId())
          .filter(LayReading.Laid.class::isInstance)
          .flatMap(r -> ((LayReading.Laid) r).items().stream().findFirst())
          .map(
              item ->
                  lay.with(
                      lay.work()
                          .ruled(
                              lay.work()
                                  .rule()
                                  .with(
                                      Map.of("x", item.centre().xMm(), "y", item.centre().yMm()),
                                      Map.of()))))
          .orElse(lay);
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(
          Told.Code.RULE, Answers.labels(answered(before).entries(), measures, choices), called);
    }
  }

  /** The points of a drawn line. */
  record Points(String layId, List<Point> points) implements OfLay {
    public Points {
      points = List.copyOf(points);
    }

    @Override
    public Lay to(Lay lay) {
      return lay.with(lay.work().ruled(lay.work().rule().through(points)));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(Told.Code.RULE_POINTS, called);
    }
  }

  /** The words of lettering, or the names of what a picture loses. */
  record Text(String layId, String text) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(lay.work().ruled(lay.work().rule().saying(text)));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(Told.Code.RULE_WORDS, called);
    }
  }

  /** Another rule, with measures that suit the design and the face. */
  record OtherRule(String layId, RuleKind rule) implements LayEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Lay lay = Editing.lay(plan, layId);
      Face face = Editing.face(plan, lay.faceId()).face();
      Design design = lay.designId().map(editing::design).orElse(Laying.NO_DESIGN);
      List<LayReading> others =
          editing.laid(face, plan).stream().filter(r -> !r.lay().id().equals(layId)).toList();
      return new Edited(
          plan.with(lay.by(Proposal.ofKind(rule, face, design, others))),
          new Told(Told.Code.OTHER_RULE, List.of(editing.called(lay), rule.name())),
          Edited.Focus.on(lay.faceId(), layId));
    }
  }

  /** One of the options, or the best again. */
  record PickOption(String layId, Optional<Pick> pick) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(lay.work().picked(pick));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(pick.isPresent() ? Told.Code.PICKED : Told.Code.FOLLOWED_BEST, called);
    }
  }

  /** It goes around what was laid before it, this far clear, or over it. */
  record GoAround(String layId, OptionalDouble clearMm) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(lay.work().clear(clearMm));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(clearMm.isPresent() ? Told.Code.GOES_AROUND : Told.Code.GOES_OVER, called);
    }
  }

  /** A wobble, and copies put by hand. */
  record ByEye(String layId, Eye eye) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(lay.work().seen(eye));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(eye.changesNothing() ? Told.Code.MEASURED_PLACES : Told.Code.BY_EYE, called);
    }
  }

  // ---- what is laid, where, with what

  /** The pieces of a collage, the lowest first; what was put by hand was put for others. */
  record UsePieces(String layId, List<String> designIds) implements OfLay {
    public UsePieces {
      designIds = List.copyOf(designIds);
      if (designIds.isEmpty()) {
        throw new RefusedInput(
            "pieces", said("none"), said("are-too-few"), said("one-piece-at-least"));
      }
    }

    @Override
    public Lay to(Lay lay) {
      Lay.Pieces pieces =
          new Lay.Pieces(
              Optional.of(designIds.getFirst()),
              lay.cornerDesignId(),
              designIds.subList(1, designIds.size()));
      return lay.with(pieces).with(lay.work().picked(Optional.empty()).seen(Eye.NONE));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(Told.Code.PIECES, called);
    }
  }

  /** What sits in the corners of a border. */
  record CornerPiece(String layId, Optional<String> designId) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(new Lay.Pieces(lay.designId(), designId, lay.moreDesignIds()))
          .with(lay.work().picked(Optional.empty()));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(Told.Code.CORNER_PIECE, called);
    }
  }

  /** Over which further faces it goes. */
  record Over(String layId, List<String> alsoOn) implements OfLay {
    public Over {
      alsoOn = List.copyOf(alsoOn);
    }

    @Override
    public Lay to(Lay lay) {
      return lay.with(new Lay.Place(lay.faceId(), alsoOn))
          .with(lay.work().picked(Optional.empty()));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(Told.Code.FACES, called);
    }
  }

  /** Out of another pot. */
  record PutOnWith(String layId, String potId) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(new Lay.Pot(Optional.of(potId), lay.coats()));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(Told.Code.PAINT, called);
    }
  }

  record Coats(String layId, int coats) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(new Lay.Pot(lay.potId(), coats));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(Told.Code.COATS, called);
    }
  }

  record Hide(String layId, boolean hidden) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(new Lay.Keeping(hidden, lay.locked()));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(hidden ? Told.Code.HID : Told.Code.SHOWED, called);
    }
  }

  record Lock(String layId, boolean locked) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(new Lay.Keeping(lay.hidden(), locked));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(locked ? Told.Code.LOCKED : Told.Code.UNLOCKED, called);
    }
  }

  // ---- among the lays

  /** One place earlier or later among those of a face. */
  record Move(String layId, String faceId, boolean later) implements LayEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Lay lay = Editing.lay(plan, layId);
      List<Lay> onFace = plan.lays().stream().filter(l -> l.isOn(faceId)).toList();
      int at = onFace.indexOf(lay);
      int other = at + (later ? 1 : -1);
      if (at < 0 || other < 0 || other >= onFace.size()) {
        throw new RefusedInput(
            "lay",
            given(editing.called(lay)),
            later ? said("is-the-last-on-this-face") : said("is-the-first-on-this-face"),
            said("one-that-others-lie-beside"));
      }
      Lay beside = onFace.get(other);
      List<Lay> swapped =
          plan.lays().stream()
              .map(l -> l.equals(lay) ? beside : l.equals(beside) ? lay : l)
              .toList();
      return new Edited(
          plan.with(swapped),
          Told.of(later ? Told.Code.LATER : Told.Code.EARLIER, editing.called(lay)),
          Edited.Focus.on(faceId, layId));
    }
  }

  record TakeOff(String layId) implements LayEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Lay lay = Editing.lay(plan, layId);
      return new Edited(
          plan.with(plan.lays().stream().filter(l -> !l.id().equals(layId)).toList()),
          Told.of(Told.Code.TOOK_LAY_OFF, editing.called(lay)),
          Edited.Focus.on(lay.faceId()));
    }
  }

  /** A design laid by the rule that suits it best. */
  record LayDesign(String id, String faceId, String designId) implements LayEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      PlanFace place = Editing.face(plan, faceId);
      Face face = place.face();
      Design design = editing.design(designId);
      LayRule rule =
          Proposal.of(face, design, editing.laid(face, plan))
              .map(Proposal::rule)
              .orElseThrow(
                  () ->
                      new RefusedInput(
                          "design",
                          given(design.name()),
                          said("is-laid-by-no-rule"),
                          said("a-design-that-some-rule-suits")));
      // an inset meets a raised edge all round: nothing can be trimmed there
      LayRule laid =
          rule instanceof Across across && place.setInto().isPresent() ? across.trimmedBy(0) : rule;
      Lay.Pot pot =
          design
              .putOn()
              .map(on -> editing.potFor(on, face))
              .orElse(new Lay.Pot(Optional.empty(), 1));
      return Laying.added(
          plan,
          Lay.fresh(id, faceId, Optional.of(designId), laid, pot),
          Told.of(Told.Code.LAID, design.name(), face.name()));
    }
  }

  /** Words laid as lettering. */
  record LayWords(String id, String faceId, Optional<String> text) implements LayEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Face face = Editing.face(plan, faceId).face();
      RuleNote typical =
          Proposal.ofKind(RuleKind.LETTERING, face, Laying.NO_DESIGN, List.of()).note();
      LayRule rule = text.filter(t -> !t.isBlank()).map(typical::saying).orElse(typical).read();
      return Laying.added(
          plan,
          Lay.fresh(
              id, faceId, Optional.empty(), rule, editing.potFor(PutOn.THROUGH_OPENINGS, face)),
          Told.of(Told.Code.LAID_WORDS, face.name()));
    }
  }

  /** The same once more on another face, as it is or turned over to the pair. */
  record Copy(String layId, String id, String faceId, boolean mirrored) implements LayEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Lay lay = Editing.lay(plan, layId);
      Face to = Editing.face(plan, faceId).face();
      Lay.Work work = lay.work();
      if (mirrored) {
        double width = Editing.face(plan, lay.faceId()).face().outline().widthMm();
        // what was put by hand was put on the other side
        work = work.ruled(lay.rule().mirrored(width).note()).seen(Eye.NONE);
      }
      return Laying.added(
          plan,
          lay.copied(id, faceId, work),
          Told.of(
              mirrored ? Told.Code.MIRRORED_LAY : Told.Code.COPIED_LAY,
              editing.called(lay),
              to.name()));
    }
  }

  /** To all other faces that are as large, as the drawers of a chest are. */
  record CopyToAlike(String layId) implements LayEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Lay lay = Editing.lay(plan, layId);
      Face own = Editing.face(plan, lay.faceId()).face();
      List<Face> alike =
          plan.faces().stream()
              .filter(PlanFace::shown)
              .map(PlanFace::face)
              .filter(f -> !f.id().equals(lay.faceId()))
              .filter(f -> Laying.isAlike(f.outline(), own.outline()))
              .toList();
      if (alike.isEmpty()) {
        throw new RefusedInput(
            "faces-alike",
            given(own.name()),
            said("has-no-other-face-of-its-size"),
            said("a-copy-to-one-face"));
      }
      List<Lay> lays = new ArrayList<>(plan.lays());
      for (Face face : alike) {
        lays.add(lay.copied(editing.ids().get(), face.id(), lay.work()));
      }
      return new Edited(
          plan.with(lays),
          new Told(Told.Code.COPIED_TO_ALIKE, List.of(editing.called(lay), "" + alike.size())),
          Edited.Focus.on(alike.getLast().id(), lays.getLast().id()));
    }
  }

  /** What laying something new shares. */
  final class Laying {
    /** Faces as large as each other within this share take the same lay. */
    private static final double ALIKE = 0.02;

    /** Dots of any size stand in where a rule asks for sizes that lettering does not have. */
    static final Design NO_DESIGN =
        DesignKind.DOTS.read(
            new Card("none", "None", "", "", Rights.MAY_BE_SOLD),
            MeasureSheet.blank(),
            Optional.empty());

    private Laying() {}

    static boolean isAlike(Outline a, Outline b) {
      return a.note().kind() == b.note().kind()
          && near(a.widthMm(), b.widthMm())
          && near(a.heightMm(), b.heightMm());
    }

    private static boolean near(double a, double b) {
      return Math.abs(a - b) <= ALIKE * Math.max(a, b);
    }

    static Edited added(Plan plan, Lay lay, Told told) {
      if (lay.id().isBlank()) {
        throw new RefusedInput("lay", said("empty"), said("has-no-id"), said("an-id-of-its-own"));
      }
      return new Edited(plan.and(lay), told, Edited.Focus.on(lay.faceId(), lay.id()));
    }
  }
}
