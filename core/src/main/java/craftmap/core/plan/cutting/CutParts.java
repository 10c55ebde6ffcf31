package craftmap.core.plan.cutting;

import craftmap.core.design.Design;
import craftmap.core.design.Napkin;
import craftmap.core.lay.rule.SheetWork;
import craftmap.core.lay.sheet.SheetPart;
import craftmap.core.plan.LayReading;
import craftmap.core.plane.Box;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The parts that lays ask for, by the sheet that each lay has them on. */
final class CutParts {
  private final Design design;
  private final Box sheet;
  private int number;

  private CutParts(Design design) {
    this.design = design;
    this.sheet = DesignCut.sheetOf(design);
  }

  static List<List<DesignCut.Piece>> of(Design design, List<DesignCut.Source> lays) {
    CutParts parts = new CutParts(design);
    List<List<DesignCut.Piece>> bySheet = new ArrayList<>();
    lays.forEach(l -> bySheet.addAll(parts.of(l)));
    return bySheet;
  }

  private List<List<DesignCut.Piece>> of(DesignCut.Source source) {
    LayReading.Laid laid = source.laid();
    Map<Integer, List<DesignCut.Piece>> own = new LinkedHashMap<>();
    if (laid.chosen().arrangement() instanceof SheetWork work) {
      for (SheetPart part : work.parts()) {
        own.computeIfAbsent(part.sheet(), s -> new ArrayList<>())
            .add(piece(source, laid.faceIds().get(part.front()), part.cut()));
      }
    } else {
      for (int i = 0; i < laid.items().size(); i++) {
        Box window = SheetPart.grown(laid.items().get(i), design.printed(), 0);
        own.put(i, List.of(piece(source, laid.lay().faceId(), window)));
      }
    }
    return intoQuarters(laid, List.copyOf(own.values()));
  }

  private DesignCut.Piece piece(DesignCut.Source source, String faceId, Box window) {
    return new DesignCut.Piece(
        ++number, source.pieceId(), source.laid().lay().id(), faceId, window, false);
  }

  /** One of a napkin's pictures is a quarter of it: four of them come from one. */
  private List<List<DesignCut.Piece>> intoQuarters(
      LayReading.Laid laid, List<List<DesignCut.Piece>> units) {
    boolean whole =
        laid.chosen().arrangement() instanceof SheetWork work
            && work.parts().getFirst().design().printed().areaMm2() > 0.9 * sheet.areaMm2();
    if (!(design instanceof Napkin napkin) || whole) {
      return units;
    }
    Box one = napkin.printed();
    int across = (int) Math.round(sheet.widthMm() / one.widthMm());
    List<List<DesignCut.Piece>> napkins = new ArrayList<>();
    for (int u = 0; u < units.size(); u++) {
      int quarter = u % napkin.quarters();
      if (quarter == 0) {
        napkins.add(new ArrayList<>());
      }
      double dx = quarter % across * one.widthMm();
      double dy = quarter / across * one.heightMm();
      for (DesignCut.Piece p : units.get(u)) {
        Box w = p.window();
        napkins
            .getLast()
            .add(p.at(new Box(w.leftMm() + dx, w.topMm() + dy, w.widthMm(), w.heightMm()), false));
      }
    }
    return napkins;
  }
}
