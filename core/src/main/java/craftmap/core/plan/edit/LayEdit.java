package craftmap.core.plan.edit;

import static craftmap.core.measure.Figure.said;

import craftmap.core.design.Design;
import craftmap.core.design.NamedPart;
import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.RuleNote;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Proposal;
import craftmap.core.plane.Point;
import craftmap.core.surface.Face;
import craftmap.core.surface.ZonePlace;
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

    @Override
    public Edited to(Plan plan, Editing editing) {
      Lay before = Editing.lay(plan, layId);
      PutByHand hand = new PutByHand(measures, choices);
      return new Edited(
          plan.with(
              to(hand.takesHold(before) ? PutByHand.whereItLies(before, plan, editing) : before)),
          told(before, editing.called(before)),
          Edited.Focus.on(before.faceId(), layId));
    }

    @Override
    public Lay to(Lay lay) {
      RuleNote answered = new PutByHand(measures, choices).answered(lay);
      Answers.labels(answered.entries(), measures, choices);
      return new PutByHand(measures, choices).picked(lay, answered);
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(
          Told.Code.RULE,
          Answers.labels(
              new PutByHand(measures, choices).answered(before).entries(), measures, choices),
          called);
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
      Design design = editing.laidAs(lay).orElse(LaysEdit.Laying.NO_DESIGN);
      return new Edited(
          plan.with(lay.by(Proposal.ofKind(rule, face, design, editing.beside(lay, face, plan)))),
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
      return lay.with(lay.pieces().of(designIds))
          .with(lay.work().picked(Optional.empty()).seen(Eye.NONE));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(Told.Code.PIECES, called);
    }
  }

  /**
   * A named part of the picture alone, or all of it again. A rule that does not suit what is laid
   * now gives way to the likeliest that does.
   */
  record UsePart(String layId, Optional<NamedPart> part) implements LayEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Lay lay = Editing.lay(plan, layId);
      Lay changed =
          lay.with(lay.pieces().showing(part))
              .with(lay.work().picked(Optional.empty()).seen(Eye.NONE));
      Face face = Editing.face(plan, lay.faceId()).face();
      Design design =
          editing
              .laidAs(changed)
              .orElseThrow(
                  () ->
                      new RefusedInput(
                          "part-of-the-picture",
                          said("words"),
                          said("have-no-picture"),
                          said("a-design-of-the-shelf")));
      List<RuleKind> suiting = RuleKind.suiting(design);
      Lay laid =
          suiting.contains(lay.work().rule().kind())
              ? changed
              : changed.by(
                  Proposal.ofKind(
                      suiting.getFirst(), face, design, editing.beside(lay, face, plan)));
      return new Edited(
          plan.with(laid),
          part.map(p -> Told.of(Told.Code.PART, editing.called(lay), p.name()))
              .orElseGet(() -> Told.of(Told.Code.WHOLE_PICTURE, editing.called(lay))),
          Edited.Focus.on(lay.faceId(), layId));
    }
  }

  /** Off which roll of film or vinyl it is cut, or off whichever suits. */
  record CutFrom(String layId, Optional<String> rollId) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(lay.pieces().cutFrom(rollId));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(Told.Code.CUT_FROM, called);
    }
  }

  /** What sits in the corners of a border. */
  record CornerPiece(String layId, Optional<String> designId) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(lay.pieces().cornered(designId)).with(lay.work().picked(Optional.empty()));
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
      return lay.with(Lay.Place.over(lay.faceId(), alsoOn))
          .with(lay.work().picked(Optional.empty()));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(Told.Code.FACES, called);
    }
  }

  /**
   * At a zone of its face, or at all of it again. Its measures are the usual ones for what it aims
   * at now.
   */
  record AimAt(String layId, Optional<String> zoneId) implements LayEdit {
    @Override
    public Edited to(Plan plan, Editing editing) {
      Lay lay = Editing.lay(plan, layId);
      Face face = Editing.face(plan, lay.faceId()).face();
      Lay.Place place = Lay.Place.on(lay.faceId()).within(zoneId);
      Face aimedAt = zoneId.map(id -> ZonePlace.on(face, face.zone(id)).asFace(face)).orElse(face);
      Design design = editing.laidAs(lay).orElse(LaysEdit.Laying.NO_DESIGN);
      List<LayReading> others = zoneId.isPresent() ? List.of() : editing.beside(lay, face, plan);
      Lay again = lay.by(Proposal.ofKind(lay.rule().kind(), aimedAt, design, others));
      String text = lay.work().rule().text();
      Lay worded =
          text.isEmpty() ? again : again.with(again.work().ruled(again.work().rule().saying(text)));
      return new Edited(
          plan.with(worded.with(place)),
          zoneId
              .map(id -> Told.of(Told.Code.AIMED_AT, editing.called(lay), face.zone(id).name()))
              .orElseGet(() -> Told.of(Told.Code.AIMED_AT_ALL, editing.called(lay))),
          Edited.Focus.on(lay.faceId(), layId));
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
      return lay.with(lay.keeping().hidden(hidden));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(hidden ? Told.Code.HID : Told.Code.SHOWED, called);
    }
  }

  /** A named part that stays over goes back to the shelf when the sheet is cut, or it does not. */
  record KeepOffcut(String layId, String name, boolean keep) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(lay.keeping().offcut(name, keep));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(keep ? Told.Code.KEEPS_OFFCUT : Told.Code.KEEPS_NO_OFFCUT, called, name);
    }
  }

  record Lock(String layId, boolean locked) implements OfLay {
    @Override
    public Lay to(Lay lay) {
      return lay.with(lay.keeping().locked(locked));
    }

    @Override
    public Told told(Lay before, String called) {
      return Told.of(locked ? Told.Code.LOCKED : Told.Code.UNLOCKED, called);
    }
  }
}
