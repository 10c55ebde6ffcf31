package craftmap.server.cut;

import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Pick;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.cutting.DesignCut;
import craftmap.core.plan.cutting.Pool;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.PlanDocument;
import craftmap.server.piece.PlanViews;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What would make too few sheets enough. Each way is worked out as if it were taken: the plan is
 * changed, read and cut again.
 */
@Service
@Transactional(readOnly = true)
class Enough {
  /** What is cut larger than it shows, by the keys of the rules. */
  private static final List<String> ALLOWANCES = List.of("allowance", "bleed", "overlap");

  /** How it is laid, by the keys of the rules: each other way of it may need fewer sheets. */
  private static final List<String> CHOICES = List.of("rows", "join", "turning");

  private static final double ROUNDED_MM = 0.5;
  private static final int MOST_WAYS = 6;

  private final Cuttings cuttings;
  private final Pieces pieces;
  private final PlanViews views;

  Enough(Cuttings cuttings, Pieces pieces, PlanViews views) {
    this.cuttings = cuttings;
    this.pieces = pieces;
    this.views = views;
  }

  /**
   * One way.
   *
   * @param document the changed plan; none where pieces are cut together instead
   * @param withPieceId the piece to cut together with
   */
  record Remedy(
      String text,
      String detail,
      boolean isEnough,
      int unplaced,
      int newSheets,
      Optional<PlanDocument> document,
      Optional<String> withPieceId) {
    private Remedy saving(DesignCut now) {
      return now.isEnough()
          ? new Remedy(
              text,
              Words.say("enough.saves", sheets(newSheets), now.newSheets() - newSheets),
              true,
              0,
              newSheets,
              document,
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
    // where there is enough, what another piece has set aside is of no help
    List<SavedPlan> others = now.cut().isEnough() ? List.of() : pieces.all(studio, false);
    for (SavedPlan other : others) {
      if (other.document().uses(designId)
          && together.stream().noneMatch(p -> p.id().equals(other.id()))) {
        cutTogether(studio, together, designId, other).ifPresent(ways::add);
      }
    }
    return ways.stream()
        .filter(w -> isBetter(w, now.cut()) && !isOf(piece, w))
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
        ? way.isEnough() && way.newSheets() < now.newSheets() && way.document().isPresent()
        : way.unplaced() < now.unplaced().size();
  }

  private static boolean isOf(SavedPlan piece, Remedy way) {
    return way.document().isPresent() && way.document().get().equals(piece.document());
  }

  private DesignCut cut(
      Studio studio, List<SavedPlan> together, PlanDocument document, String designId) {
    List<SavedPlan> changed = new ArrayList<>(together);
    changed.set(0, together.getFirst().with(document));
    return cuttings.of(studio, changed, designId).cut();
  }

  private static Remedy remedy(String text, DesignCut cut, PlanDocument document) {
    return new Remedy(
        text,
        detail(cut),
        cut.isEnough(),
        cut.unplaced().size(),
        cut.newSheets(),
        Optional.of(document),
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
    PlanDocument document = together.getFirst().document();
    for (String key : ALLOWANCES) {
      OptionalDouble now =
          document.lays().stream()
              .filter(l -> designId.equals(l.designId()))
              .flatMapToDouble(l -> valueOf(l, key).stream())
              .max();
      if (now.isEmpty() || now.getAsDouble() <= 0) {
        continue;
      }
      double at = 0;
      DesignCut cut = cut(studio, together, with(document, designId, key, 0), designId);
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
          DesignCut tried = cut(studio, together, with(document, designId, key, middle), designId);
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
          remedy(
              Words.say("enough." + key, studio.tape().show(at)),
              cut,
              with(document, designId, key, at)));
    }
    return ways;
  }

  private static List<MeasureSheet.Entry> entries(PlanDocument.LayDoc lay) {
    MeasureSheet sheet = new MeasureSheet(lay.rule().measures(), lay.rule().choices());
    lay.rule().kind().read(sheet, List.of(), lay.rule().text() == null ? "" : lay.rule().text());
    return sheet.entries();
  }

  private static OptionalDouble valueOf(PlanDocument.LayDoc lay, String key) {
    return entries(lay).stream()
        .filter(e -> e instanceof MeasureSheet.LengthEntry l && l.key().equals(key))
        .mapToDouble(e -> ((MeasureSheet.LengthEntry) e).mm())
        .findFirst();
  }

  private static PlanDocument with(PlanDocument document, String designId, String key, double mm) {
    return document.withLays(
        document.lays().stream()
            .map(
                l -> {
                  if (!designId.equals(l.designId()) || valueOf(l, key).orElse(0) <= mm) {
                    return l;
                  }
                  Map<String, Double> measures = new HashMap<>(l.rule().measures());
                  measures.put(key, mm);
                  return l.measured(measures);
                })
            .toList());
  }

  // ---- laid by the same rule, otherwise

  private List<Remedy> otherChoices(Studio studio, List<SavedPlan> together, String designId) {
    PlanDocument document = together.getFirst().document();
    List<Remedy> ways = new ArrayList<>();
    for (PlanDocument.LayDoc lay : document.lays()) {
      if (!designId.equals(lay.designId())) {
        continue;
      }
      for (MeasureSheet.Entry entry : entries(lay)) {
        if (entry instanceof MeasureSheet.ChoiceEntry c && CHOICES.contains(c.key())) {
          c.among().stream()
              .filter(other -> !other.equals(c.choice()))
              .forEach(
                  other -> {
                    PlanDocument changed = with(document, lay, c.key(), other);
                    ways.add(
                        remedy(
                            Words.say("enough.choice", c.label(), Words.say("choice." + other)),
                            cut(studio, together, changed, designId),
                            changed));
                  });
        }
      }
    }
    return ways;
  }

  private static PlanDocument with(
      PlanDocument document, PlanDocument.LayDoc lay, String key, String value) {
    Map<String, String> choices = new HashMap<>(lay.rule().choices());
    choices.put(key, value);
    return document.withLays(
        document.lays().stream()
            .map(l -> l.id().equals(lay.id()) ? l.chosen(choices) : l)
            .toList());
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
      PlanDocument other =
          piece
              .document()
              .withLays(
                  piece.document().lays().stream()
                      .map(l -> l.id().equals(laid.lay().id()) ? l.picked(pick) : l)
                      .toList());
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
            Words.say("enough.together", other.document().name()),
            detail(both.cut()),
            both.cut().isEnough(),
            both.cut().unplaced().size(),
            both.cut().newSheets(),
            Optional.empty(),
            Optional.of(other.id())));
  }
}
