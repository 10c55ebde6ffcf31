package craftmap.core.plan.edit;

import craftmap.core.chance.Dice;
import craftmap.core.coats.Habits;
import craftmap.core.colour.Colour;
import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.Way;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.OwnStep;
import craftmap.core.plane.Point;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.Hole;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Relief;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Edits of every simple kind, for tests of how edits go together. */
final class SomeEdits {
  private SomeEdits() {}

  /** An edit, and what it is done to; edits of the same subject may stand in each other's way. */
  record Done(String subject, PlanEdit edit) {}

  /** Years a step may be done in; an earlier one is refused by the edit itself. */
  private static final Instant DONE_FROM = Instant.parse("2001-02-03T04:05:06Z");

  /** One edit of every simple kind on every subject of the chest, with figures of no roundness. */
  static List<Done> of(Dice dice) {
    List<Done> all = new ArrayList<>();
    all.add(new Done("name", new PieceEdit.Name("Chest " + dice.next())));
    for (String measure : List.of("width", "height", "depth")) {
      all.add(
          new Done(
              "measure " + measure,
              new PieceEdit.Measure(Map.of(measure, 300 + 700 * dice.next()), Map.of())));
    }
    for (String face : List.of("front", "lid", "left", "back")) {
      double mm = 40 * dice.next();
      all.add(new Done("name of " + face, new FaceEdit.Name(face, "Face " + dice.next())));
      all.add(
          new Done(
              "make-up of " + face, new FaceEdit.ChangeMakeUp(face, pick(MakeUp.values(), dice))));
      all.add(
          new Done(
              "finish of " + face, new FaceEdit.ChangeFinish(face, pick(Finish.values(), dice))));
      all.add(
          new Done(
              "ground of " + face,
              new FaceEdit.ChangeGround(
                  face, new Colour("#%06X".formatted((int) (0xFFFFFF * dice.next()))))));
      all.add(
          new Done(
              "exposure of " + face,
              new FaceEdit.ChangeExposure(face, Set.of(pick(Exposure.values(), dice)))));
      all.add(
          new Done(
              "colour now of " + face,
              new FaceEdit.ChangeColourNow(
                  face,
                  Optional.of(new Colour("#%06X".formatted((int) (0xFFFFFF * dice.next())))))));
      all.add(new Done("edge of " + face, new FaceEdit.EdgeDepth(face, mm)));
      all.add(
          new Done(
              "relief of " + face, new FaceEdit.ChangeRelief(face, new Relief(1 + dice.next()))));
      all.add(new Done("shown " + face, new FaceEdit.Show(face, dice.next() < 0.5)));
      all.add(new Done("off " + face, new FaceEdit.ComeOff(face, dice.next() < 0.5)));
    }
    all.add(
        new Done(
            "habits",
            new CoatEdit.ChooseHabits(Habits.USUAL.with(pick(Habits.Seal.values(), dice)))));
    all.add(new Done("sale", new PieceEdit.ForSale(dice.next() < 0.5)));
    all.add(
        new Done(
            "begin",
            new OrderEdit.BeginOn(
                Optional.of(LocalDateTime.of(2027, 1, 4, (int) (20 * dice.next()), 10)))));
    all.add(
        new Done(
            "promised",
            new OrderEdit.Promise(
                Optional.of(LocalDate.of(2027, 3, 1 + (int) (27 * dice.next()))))));
    for (String own : List.of("own:hinges", "own:photos")) {
      all.add(
          new Done(
              own,
              dice.next() < 0.2
                  ? new OrderEdit.TakeOwnStep(own)
                  : new OrderEdit.PutOwnStep(
                      own,
                      new OwnStep(
                          "Own " + dice.next(),
                          Duration.ofSeconds(60 + (int) (4000 * dice.next())),
                          Optional.empty(),
                          Duration.ofMinutes((int) (700 * dice.next()))))));
    }
    all.add(
        new Done(
            "first", new OrderEdit.PutFirst(new Ordering.Bar("wash", "prime"), dice.next() < 0.7)));
    for (String other : List.of("screen", "planter")) {
      all.add(new Done("with " + other, new OrderEdit.WorkWith(other, dice.next() < 0.7)));
    }
    for (String step : List.of("wash", "prime")) {
      Duration took = Duration.ofSeconds(60 + (int) (5000 * dice.next()));
      all.add(new Done("time of " + step, new OrderEdit.StepTakes(step, Optional.of(took))));
      all.add(
          new Done(
              "done " + step,
              new OrderEdit.StepDone(
                  step,
                  Optional.of(
                      new Ordering.Done(
                          DONE_FROM.plusSeconds((long) (1e9 * dice.next())), took)))));
      all.add(
          new Done(
              "start of " + step,
              new OrderEdit.StepBegins(
                  step,
                  Optional.of(LocalDateTime.of(2027, 2, 1 + (int) (20 * dice.next()), 9, 7)))));
      all.add(
          new Done(
              "parts of " + step, new OrderEdit.StepInParts(step, 1 + (int) (4 * dice.next()))));
    }
    for (String mark : List.of("pull", "key")) {
      Point at = new Point(800 * dice.next(), 400 * dice.next());
      all.add(
          new Done(
              "mark " + mark,
              dice.next() < 0.3
                  ? new MarkEdit.TakeAway("front", mark)
                  : new MarkEdit.Put(
                      "front", Hole.single(mark, "Hole " + dice.next(), at, 3 + 9 * dice.next()))));
    }
    for (String lay : List.of("a", "b", "c")) {
      all.add(
          new Done(
              "pick of " + lay,
              new LayEdit.PickOption(
                  lay,
                  dice.next() < 0.3
                      ? Optional.empty()
                      : Optional.of(
                          new Pick(
                              pick(Way.Alone.values(), dice), 1 + (int) (9 * dice.next()), 1)))));
      all.add(
          new Done(
              "eye of " + lay,
              new LayEdit.ByEye(lay, new Eye(3 * dice.next(), dice.next(), 7, List.of()))));
      all.add(new Done("coats of " + lay, new LayEdit.Coats(lay, 1 + (int) (4 * dice.next()))));
      all.add(new Done("paint of " + lay, new LayEdit.PutOnWith(lay, "paint " + dice.next())));
      all.add(new Done("hidden " + lay, new LayEdit.Hide(lay, dice.next() < 0.5)));
      all.add(
          new Done("roll of " + lay, new LayEdit.CutFrom(lay, Optional.of("roll " + dice.next()))));
      all.add(
          new Done(
              "offcut of " + lay,
              new LayEdit.KeepOffcut(lay, "part " + (int) (3 * dice.next()), dice.next() < 0.7)));
      all.add(new Done("locked " + lay, new LayEdit.Lock(lay, dice.next() < 0.5)));
      all.add(
          new Done(
              "clear of " + lay, new LayEdit.GoAround(lay, OptionalDouble.of(20 * dice.next()))));
    }
    all.add(
        new Done("gap of a", new LayEdit.Measure("a", Map.of("gap", 60 * dice.next()), Map.of())));
    all.add(
        new Done(
            "down of a", new LayEdit.Measure("a", Map.of("down", 60 * dice.next()), Map.of())));
    all.add(
        new Done("gap of b", new LayEdit.Measure("b", Map.of("gap", 60 * dice.next()), Map.of())));
    return all;
  }

  private static <T> T pick(T[] among, Dice dice) {
    return among[(int) (among.length * dice.next())];
  }

  static List<Done> shuffled(List<Done> edits, Dice dice) {
    List<Done> left = new ArrayList<>(edits);
    List<Done> all = new ArrayList<>();
    while (!left.isEmpty()) {
      all.add(left.remove((int) (left.size() * dice.next())));
    }
    return all;
  }
}
