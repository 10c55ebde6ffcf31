package craftmap.server.cut;

import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.cover.FurtherSeam;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.cutting.DesignCut;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.surface.Face;
import craftmap.server.fields.FieldViews;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanReadings;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.SavedPlan;
import craftmap.server.piece.document.PickDoc;
import craftmap.server.piece.edit.EditDoc;
import craftmap.server.piece.edit.LayEditDoc;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import craftmap.server.writing.Solves;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;

/**
 * What would make too few sheets enough. Each way is worked out as if it were taken: the plan is
 * changed, read and cut again.
 */
@Service
@Solves
class Enough {
  /** What is cut larger than it shows, by the keys of the rules. */
  private static final List<String> ALLOWANCES = List.of("allowance", "bleed", "overlap");

  /** How it is laid, by the keys of the rules: each other way of it may need fewer sheets. */
  private static final List<String> CHOICES = List.of("rows", "join", "turning");

  private static final double ROUNDED_MM = 0.5;
  private static final int MOST_WAYS = 6;

  private final Cuttings cuttings;
  private final Pieces pieces;
  private final PlanReadings readings;
  private final PlanViews views;

  Enough(Cuttings cuttings, Pieces pieces, PlanReadings readings, PlanViews views) {
    this.cuttings = cuttings;
    this.pieces = pieces;
    this.readings = readings;
    this.views = views;
  }

  /**
   * One way.
   *
   * @param edits what is done to the plan; none where pieces are cut together instead
   * @param withPieceId the piece to cut together with
   */
  record Remedy(
      String text,
      String detail,
      boolean isEnough,
      int unplaced,
      int newSheets,
      List<EditDoc> edits,
      Optional<String> withPieceId) {
    private Remedy saving(DesignCut now) {
      return now.isEnough()
          ? new Remedy(
              text,
              Words.say("enough.saves", sheets(newSheets), now.newSheets() - newSheets),
              true,
              0,
              newSheets,
              edits,
              withPieceId)
          : this;
    }
  }

  List<Remedy> of(Studio studio, List<SavedPlan> together, String designId) {
    Cutting now = cuttings.of(studio, together, designId);
    if (now.isCut()) {
      return List.of();
    }
    List<Remedy> ways = new ArrayList<>();
    SavedPlan piece = together.getFirst();
    ways.addAll(smallerAllowances(studio, together, designId));
    ways.addAll(otherChoices(studio, together, designId));
    for (Pool.Use wanted : now.needs().getFirst().wanted()) {
      ways.addAll(otherOptions(studio, together, designId, wanted.laid()));
    }
    seamMore(studio, together, designId, now).ifPresent(ways::add);
    // where there is enough, what another piece has set aside is of no help
    List<SavedPlan> others = now.cut().isEnough() ? List.of() : pieces.all(studio, false);
    for (SavedPlan other : others) {
      if (other.plan().lays().stream().anyMatch(l -> l.uses(designId))
          && together.stream().noneMatch(p -> p.id().equals(other.id()))) {
        cutTogether(studio, together, designId, other).ifPresent(ways::add);
      }
    }
    return ways.stream()
        .filter(w -> isBetter(w, now.cut()) && changesSomething(studio, piece, w))
        .map(w -> w.saving(now.cut()))
        .sorted(
            Comparator.comparing((Remedy w) -> !w.isEnough())
                .thenComparingInt(Remedy::unplaced)
                .thenComparingInt(Remedy::newSheets))
        .limit(MOST_WAYS)
        .toList();
  }

  /** Where it is enough already, only what takes fewer sheets is worth a word. */
  private static boolean isBetter(Remedy way, DesignCut now) {
    return now.isEnough()
        ? way.isEnough() && way.newSheets() < now.newSheets() && !way.edits().isEmpty()
        : way.unplaced() < now.unplaced().size();
  }

  private boolean changesSomething(Studio studio, SavedPlan piece, Remedy way) {
    return way.withPieceId().isPresent()
        || !changed(studio, piece, way.edits()).plan().equals(piece.plan());
  }

  private SavedPlan changed(Studio studio, SavedPlan piece, List<EditDoc> edits) {
    return piece.with(
        readings.edited(studio, piece.plan(), edits.stream().map(EditDoc::edit).toList()).plan());
  }

  private DesignCut cut(
      Studio studio, List<SavedPlan> together, List<EditDoc> edits, String designId) {
    List<SavedPlan> all = new ArrayList<>(together);
    all.set(0, changed(studio, together.getFirst(), edits));
    return cuttings.of(studio, all, designId).cut();
  }

  private static Remedy remedy(String text, DesignCut cut, List<EditDoc> edits) {
    return new Remedy(
        text,
        detail(cut),
        cut.isEnough(),
        cut.unplaced().size(),
        cut.newSheets(),
        edits,
        Optional.empty());
  }

  private static String detail(DesignCut cut) {
    return cut.isEnough()
        ? Words.say("enough.then", sheets(cut.newSheets()))
        : Words.say("enough.less", sheets(cut.newSheets()), cut.unplaced().size());
  }

  private static String sheets(int count) {
    return Words.say(count == 1 ? "detail.oneSheet" : "detail.sheets", count);
  }

  // ---- cut with less to trim or to overlap

  private List<Remedy> smallerAllowances(Studio studio, List<SavedPlan> together, String designId) {
    List<Remedy> ways = new ArrayList<>();
    List<Lay> lays = laysOf(together.getFirst(), designId);
    for (String key : ALLOWANCES) {
      OptionalDouble now = lays.stream().flatMapToDouble(l -> valueOf(l, key).stream()).max();
      if (now.isEmpty() || now.getAsDouble() <= 0) {
        continue;
      }
      double at = 0;
      DesignCut cut = cut(studio, together, less(lays, key, 0), designId);
      if (cut.isEnough()) {
        int sheets = cut.newSheets();
        // as much of it as can stay
        double enough = 0;
        double tooMuch = now.getAsDouble();
        while (tooMuch - enough > ROUNDED_MM) {
          double middle = Math.round((enough + tooMuch) / 2 / ROUNDED_MM) * ROUNDED_MM;
          if (middle <= enough || middle >= tooMuch) {
            break;
          }
          DesignCut tried = cut(studio, together, less(lays, key, middle), designId);
          if (tried.isEnough() && tried.newSheets() <= sheets) {
            enough = middle;
            cut = tried;
          } else {
            tooMuch = middle;
          }
        }
        at = enough;
      }
      ways.add(
          remedy(Words.say("enough." + key, studio.tape().show(at)), cut, less(lays, key, at)));
    }
    return ways;
  }

  private static List<Lay> laysOf(SavedPlan piece, String designId) {
    return piece.plan().lays().stream()
        .filter(l -> l.designId().filter(designId::equals).isPresent())
        .toList();
  }

  private static OptionalDouble valueOf(Lay lay, String key) {
    return lay.work().rule().entries().stream()
        .filter(e -> e instanceof MeasureSheet.LengthEntry l && l.key().equals(key))
        .mapToDouble(e -> ((MeasureSheet.LengthEntry) e).mm())
        .findFirst();
  }

  /** Those lays that have more of it, with so much. */
  private static List<EditDoc> less(List<Lay> lays, String key, double mm) {
    return lays.stream()
        .filter(l -> valueOf(l, key).orElse(0) > mm)
        .<EditDoc>map(l -> new LayEditDoc.MeasureLay(l.id(), Map.of(key, mm), Map.of()))
        .toList();
  }

  // ---- laid by the same rule, otherwise

  private List<Remedy> otherChoices(Studio studio, List<SavedPlan> together, String designId) {
    List<Remedy> ways = new ArrayList<>();
    for (Lay lay : laysOf(together.getFirst(), designId)) {
      for (MeasureSheet.Entry entry : lay.work().rule().entries()) {
        if (entry instanceof MeasureSheet.ChoiceEntry c && CHOICES.contains(c.key())) {
          c.among().stream()
              .filter(other -> !other.equals(c.choice()))
              .forEach(
                  other -> {
                    // what was picked fitted the former way
                    List<EditDoc> edits =
                        List.of(
                            new LayEditDoc.MeasureLay(lay.id(), Map.of(), Map.of(c.key(), other)),
                            new LayEditDoc.PickOption(lay.id(), null));
                    ways.add(
                        remedy(
                            Words.say(
                                "enough.choice",
                                FieldViews.label(c, studio.tape()),
                                Words.say("choice." + other)),
                            cut(studio, together, edits, designId),
                            edits));
                  });
        }
      }
    }
    return ways;
  }

  // ---- one part made of two

  private Optional<Remedy> seamMore(
      Studio studio, List<SavedPlan> together, String designId, Cutting now) {
    SavedPlan piece = together.getFirst();
    Cuttings.Question question = cuttings.question(now);
    return question
        .oneSeamMore(piece.id(), now.cut())
        .map(
            found -> {
              FurtherSeam seam = found.seam();
              List<EditDoc> edits =
                  List.of(
                      new LayEditDoc.MeasureLay(
                          found.layId(),
                          Map.of("seamAt", seam.atMm(), "seamFace", seam.front() + 1.0),
                          Map.of("seam", seam.way().name())));
              String face =
                  piece.plan().faces().stream()
                      .map(PlanFace::face)
                      .filter(f -> f.id().equals(found.faceId()))
                      .map(Face::name)
                      .findFirst()
                      .orElse("");
              return remedy(
                  Words.say(
                      "enough.seam", face, seam.way().name(), studio.tape().show(seam.atMm())),
                  cut(studio, together, edits, designId),
                  edits);
            });
  }

  // ---- laid another way

  private List<Remedy> otherOptions(
      Studio studio, List<SavedPlan> together, String designId, LayReading.Laid laid) {
    List<Remedy> ways = new ArrayList<>();
    if (laid.options().size() < 2) {
      return ways;
    }
    SavedPlan piece = together.getFirst();
    List<String> titles = titles(studio, piece, laid);
    for (int i = 0; i < laid.options().size(); i++) {
      LayOption option = laid.options().get(i);
      if (option == laid.chosen()) {
        continue;
      }
      Pick pick = option.asPick();
      List<EditDoc> other =
          List.of(
              new LayEditDoc.PickOption(
                  laid.lay().id(), new PickDoc(pick.way().name(), pick.count(), pick.across())));
      String title = i < titles.size() ? titles.get(i) : "";
      ways.add(
          remedy(Words.say("enough.option", title), cut(studio, together, other, designId), other));
    }
    return ways;
  }

  private List<String> titles(Studio studio, SavedPlan piece, LayReading.Laid laid) {
    return views.view(studio, piece).faces().stream()
        .filter(f -> f.id().equals(laid.lay().faceId()))
        .flatMap(f -> f.lays().stream())
        .filter(l -> l.id().equals(laid.lay().id()) && l.laid() != null)
        .flatMap(l -> l.laid().options().stream())
        .map(o -> o.title())
        .toList();
  }

  // ---- cut together with another piece

  private Optional<Remedy> cutTogether(
      Studio studio, List<SavedPlan> together, String designId, SavedPlan other) {
    List<SavedPlan> all = new ArrayList<>(together);
    all.add(other);
    Cutting both = cuttings.of(studio, all, designId);
    if (both.pieces().size() <= together.size()) {
      return Optional.empty();
    }
    return Optional.of(
        new Remedy(
            Words.say("enough.together", other.name()),
            detail(both.cut()),
            both.cut().isEnough(),
            both.cut().unplaced().size(),
            both.cut().newSheets(),
            List.of(),
            Optional.of(other.id())));
  }
}
