package craftmap.server.cut;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.design.Design;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.cutting.CutWish;
import craftmap.core.plan.cutting.DesignCut;
import craftmap.core.plan.cutting.OneSeamMore;
import craftmap.core.plan.cutting.Pool;
import craftmap.server.gather.GatherService;
import craftmap.server.gather.Gathering;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.ShelfService;
import craftmap.server.stock.Holding;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Solves;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Works out what is cut from which sheet, for one piece or for several at once. */
@Service
@Solves
class Cuttings {
  /**
   * Once it is booked, the sheets it was cut from are gone from the shelf and count all the same.
   */
  private static final int MOST_SHEETS_A_LAY = 400;

  private static final int MOST_PIECES = 8;

  private final GatherService gathering;
  private final ShelfService shelf;
  private final Pieces pieces;
  private final KeptPlans plans;

  Cuttings(GatherService gathering, ShelfService shelf, Pieces pieces, KeptPlans plans) {
    this.gathering = gathering;
    this.shelf = shelf;
    this.pieces = pieces;
    this.plans = plans;
  }

  /** What several pieces want of one design. */
  private record Wanted(Design design, List<SavedPlan> pieces, List<Gathering.DesignNeed> needs) {}

  /** A question as it stands: what a plan is made from. */
  record Question(
      Design design,
      List<DesignCut.Source> sources,
      List<DesignCut.Leftover> leftovers,
      int sheets) {
    DesignCut answer(CutWish wish, DoublePredicate goOn) {
      return DesignCut.of(design, sources, leftovers, sheets, wish, goOn);
    }

    /** A seam in one of the lays of a piece that spares a sheet. */
    Optional<OneSeamMore.Found> oneSeamMore(String pieceId, DesignCut now) {
      return OneSeamMore.of(design, sources, leftovers, sheets, pieceId, now);
    }

    /** How many sheets more would do. */
    int missing(DesignCut cut) {
      if (cut.isEnough()) {
        return 0;
      }
      int plenty = sheets + sources.size() * MOST_SHEETS_A_LAY;
      DesignCut all =
          DesignCut.of(design, sources, leftovers, plenty, CutWish.PLAIN, share -> true);
      return Math.max(0, all.newSheets() - sheets);
    }
  }

  /** The pieces that are cut together, the one that is looked at first. */
  List<SavedPlan> together(Studio studio, String id, List<String> with) {
    List<SavedPlan> all = new ArrayList<>();
    all.add(pieces.get(studio, id));
    for (String other : with) {
      if (all.stream().noneMatch(p -> p.id().equals(other))) {
        all.add(pieces.get(studio, other));
      }
    }
    if (all.size() > MOST_PIECES) {
      throw new RefusedInput(
          "pieces",
          given(all.size()),
          said("are-too-many-to-cut-at-once"),
          said("at-most", given(MOST_PIECES)));
    }
    return all;
  }

  /** Of all designs in sheets that the first piece uses, in the order its plan uses them. */
  List<Cutting> all(Studio studio, List<SavedPlan> together) {
    return wanted(studio, together).stream().map(w -> cutting(studio, w)).toList();
  }

  /**
   * A design of which sheets are cut, before it is worked out how.
   *
   * @param parts how many parts are cut of it
   */
  record Ahead(Design design, boolean isCut, int parts) {}

  /** The same designs in the same order, at once. */
  List<Ahead> ahead(Studio studio, List<SavedPlan> together) {
    return wanted(studio, together).stream()
        .map(
            w -> {
              boolean isCut = w.needs().getFirst().isUsed();
              int parts = DesignCut.wanted(w.design(), sources(only(w, isCut))).size();
              return new Ahead(w.design(), isCut, parts);
            })
        .toList();
  }

  Cutting of(Studio studio, List<SavedPlan> together, String designId) {
    return wanted(studio, together).stream()
        .filter(w -> w.design().id().equals(designId))
        .findFirst()
        .map(w -> cutting(studio, w))
        .orElseThrow(
            () ->
                new RefusedInput(
                    "design",
                    given(designId),
                    said("is-not-cut-for-this-piece"),
                    said("one-that-its-lays-use")));
  }

  private List<Wanted> wanted(Studio studio, List<SavedPlan> together) {
    Map<String, Wanted> byDesign = new LinkedHashMap<>();
    for (SavedPlan piece : together) {
      boolean first = piece.id().equals(together.getFirst().id());
      for (Gathering.DesignNeed need : gathering.gather(studio, piece).designs()) {
        Design design = need.design();
        if (Pool.comesInSheets(design) && (first || byDesign.containsKey(design.id()))) {
          Wanted w =
              byDesign.computeIfAbsent(
                  design.id(), k -> new Wanted(design, new ArrayList<>(), new ArrayList<>()));
          w.pieces().add(piece);
          w.needs().add(need);
        }
      }
    }
    return List.copyOf(byDesign.values());
  }

  private Cutting cutting(Studio studio, Wanted w) {
    List<Holding> leftovers = shelf.leftoversOf(studio.id(), w.design().id());
    boolean isCut = w.needs().getFirst().isUsed();
    // pieces of which some are cut already are not cut together any more
    Wanted open = only(w, isCut);
    Question question = question(open, leftovers, isCut);
    String key = key(open.pieces());
    KeptPlans.Kept kept =
        plans.find(studio.id(), w.design().id(), key, madeFrom(question)).orElse(null);
    KeptPlans.WishDoc wish = kept == null ? KeptPlans.WishDoc.PLAIN : kept.wish();
    DesignCut cut =
        (kept == null ? question.answer(CutWish.PLAIN, s -> true) : kept.plan().of(w.design()))
            .keeping(question.sources());
    return new Cutting(
        open.pieces(),
        open.needs(),
        cut,
        isCut,
        leftovers,
        wish,
        kept != null,
        question.missing(cut));
  }

  private static Wanted only(Wanted w, boolean cut) {
    List<SavedPlan> pieces = new ArrayList<>();
    List<Gathering.DesignNeed> needs = new ArrayList<>();
    for (int i = 0; i < w.pieces().size(); i++) {
      if (w.needs().get(i).isUsed() == cut) {
        pieces.add(w.pieces().get(i));
        needs.add(w.needs().get(i));
      }
    }
    return new Wanted(w.design(), pieces, needs);
  }

  Question question(Cutting cutting) {
    return question(
        new Wanted(cutting.cut().design(), cutting.pieces(), cutting.needs()),
        cutting.leftovers(),
        cutting.isCut());
  }

  private static List<DesignCut.Source> sources(Wanted w) {
    List<DesignCut.Source> sources = new ArrayList<>();
    for (int i = 0; i < w.pieces().size(); i++) {
      String pieceId = w.pieces().get(i).id();
      w.needs().get(i).wanted().forEach(l -> sources.add(new DesignCut.Source(pieceId, l.laid())));
    }
    return sources;
  }

  private static Question question(Wanted w, List<Holding> leftovers, boolean isCut) {
    List<DesignCut.Source> sources = sources(w);
    double mine = w.needs().stream().mapToDouble(Gathering.DesignNeed::mine).sum();
    return new Question(
        w.design(),
        sources,
        leftovers.stream()
            .flatMap(h -> h.leftover().map(o -> new DesignCut.Leftover(h.id(), o)).stream())
            .toList(),
        isCut ? sources.size() * MOST_SHEETS_A_LAY : Cutting.wholeSheets(mine, w.design()));
  }

  static String key(List<SavedPlan> together) {
    return together.stream().map(SavedPlan::id).sorted().collect(Collectors.joining(" "));
  }

  /** What the parts are and what there is to cut them from; not who asked, nor when. */
  static String madeFrom(Question q) {
    List<Object> made = new ArrayList<>();
    made.add(DesignCut.wanted(q.design(), q.sources()));
    made.add(q.leftovers().stream().map(l -> l.id() + l.offcut().outline()).toList());
    made.add(q.sheets());
    made.add(q.design().printed());
    List<Integer> meeting = DesignCut.meeting(q.design(), q.sources());
    if (!meeting.isEmpty()) {
      // plans that were kept before parts could begin anywhere are still found
      made.add(meeting);
    }
    return KeptPlans.madeFrom(made);
  }
}
