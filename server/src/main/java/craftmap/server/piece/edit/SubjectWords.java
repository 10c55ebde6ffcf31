package craftmap.server.piece.edit;

import craftmap.core.coats.Group;
import craftmap.core.coats.Place;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.Lay;
import craftmap.core.plan.OwnStep;
import craftmap.core.plan.Plan;
import craftmap.core.plan.coats.CoatGroups;
import craftmap.core.plan.edit.Subject;
import craftmap.core.surface.Mark;
import craftmap.server.words.FigureWords;
import craftmap.server.words.Words;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What a part of a plan is called, as the plan stands now. */
public final class SubjectWords {
  private final Plan plan;
  private final UnaryOperator<String> designs;

  /**
   * Names in a plan.
   *
   * @param designs the name of a design by its id
   */
  public SubjectWords(Plan plan, UnaryOperator<String> designs) {
    this.plan = plan;
    this.designs = designs;
  }

  public String say(Subject subject) {
    String first = subject.names().isEmpty() ? "" : subject.names().getFirst();
    return switch (subject.kind()) {
      case NAME,
          SALE,
          FORM,
          LAY_ORDER,
          HABITS,
          ALIKE,
          BEGINS,
          PROMISED,
          TOGETHER,
          STEP,
          WHICH_FIRST,
          MISHAP ->
          Words.say("subject", subject.kind());
      case MEASURE -> Words.say("subject.MEASURE", measure(first));
      case FACE, FACE_NAME, FACE_SHAPE, FACE_SURFACE, FACE_BELONGING, FACE_OWN_MARKS ->
          Words.say("subject", subject.kind(), face(first));
      case MARK -> mark(first, subject.names().getLast());
      case LAY -> lay(first);
      case GROUP, BAND_ORDER -> Words.say("subject", subject.kind(), group(first));
      case BAND -> Words.say("subject.BAND", band(subject.names().getLast()), group(first));
      case NOTED -> Words.say("subject.NOTED", group(first));
      case OWN_STEP -> ownStep(first);
    };
  }

  private String measure(String key) {
    return plan.form().entries().stream()
        .filter(e -> e.key().equals(key))
        .findFirst()
        .map(MeasureSheet.Entry::label)
        .map(label -> new FigureWords(TapeDivision.MM_1).text(label))
        .map(Words::lower)
        .orElse(key);
  }

  private String face(String id) {
    return plan.formFaces().faces().stream()
        .filter(f -> f.id().equals(id))
        .findFirst()
        .map(f -> plan.foundOn(id).name().orElse(f.name()))
        .or(() -> plan.foundOn(id).name())
        .orElseGet(() -> Words.say("subject.gone.FACE"));
  }

  private String mark(String faceId, String id) {
    return plan.foundOn(faceId)
        .marks()
        .mark(id)
        .map(Mark::title)
        .map(title -> Words.say("subject.MARK", title, face(faceId)))
        .orElseGet(() -> Words.say("subject.gone.MARK", face(faceId)));
  }

  private String lay(String id) {
    return plan.lay(id)
        .map(l -> Words.say("subject.LAY", called(l), face(l.faceId())))
        .orElseGet(() -> Words.say("subject.gone.LAY"));
  }

  private String called(Lay lay) {
    return lay.designId().map(designs).orElseGet(ToldWords.NAMES::words);
  }

  private String group(String id) {
    Optional<Group> group = CoatGroups.of(plan).stream().filter(g -> g.id().equals(id)).findFirst();
    return group
        .map(Group::name)
        .filter(name -> !name.isEmpty())
        .or(
            () ->
                group.flatMap(
                    g ->
                        g.places().stream()
                            .filter(Place.OfFace.class::isInstance)
                            .findFirst()
                            .map(p -> face(((Place.OfFace) p).faceId()))))
        .orElseGet(() -> Words.say("subject.gone.GROUP"));
  }

  private static String band(String key) {
    return Words.orElse(
        "band." + key.replace(':', '.'),
        Words.orElse("step." + key.replaceFirst("^step:", ""), Words.say("subject.aCoat")));
  }

  private String ownStep(String key) {
    return Optional.ofNullable(plan.order().own().get(key))
        .map(OwnStep::name)
        .map(name -> Words.say("subject.OWN_STEP", name))
        .orElseGet(() -> Words.say("subject.gone.OWN_STEP"));
  }
}
