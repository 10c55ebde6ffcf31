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
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.lay.rule.cover.Across;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Lay;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.Proposal;
import craftmap.core.surface.Face;
import craftmap.core.surface.outline.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is done among the lays of a piece: a new one, another place for one, one fewer. */
public sealed interface LaysEdit extends PlanEdit {
  /** One place earlier or later among those of a face. */
  record Move(String layId, String faceId, boolean later) implements LaysEdit {
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
          plan.with(swapped).with(plan.coats().swapped(lay.id(), beside.id())),
          Told.of(later ? Told.Code.LATER : Told.Code.EARLIER, editing.called(lay)),
          Edited.Focus.on(faceId, layId));
    }
  }

  record TakeOff(String layId) implements LaysEdit {
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
  record LayDesign(String id, String faceId, String designId) implements LaysEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      PlanFace place = Editing.face(plan, faceId);
      Face face = place.face();
      Design design = editing.design(designId);
      LayRule rule =
          Proposal.ruleFor(face, design, editing.laid(face, plan))
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
  record LayWords(String id, String faceId, Optional<String> text) implements LaysEdit {
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
  record Copy(String layId, String id, String faceId, boolean mirrored) implements LaysEdit {
    @Override
    public boolean takesOver(Subject subject) {
      return subject.isOf(Subject.Kind.LAY, layId) || mirrored && subject.isOfSizes();
    }

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
  record CopyToAlike(String layId) implements LaysEdit {
    @Override
    public boolean takesOver(Subject subject) {
      return subject.isOf(Subject.Kind.LAY, layId) || subject.isOfSizes();
    }

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
