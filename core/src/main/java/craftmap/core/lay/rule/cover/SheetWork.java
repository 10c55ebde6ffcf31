package craftmap.core.lay.rule.cover;

import craftmap.core.design.MotifBox;
import craftmap.core.lay.sheet.SheetPart;
import java.util.List;

/** What an arrangement of sheets comes to: parts to cut, and how many sheets they take. */
public interface SheetWork {
  /** All parts, on all the faces the lay goes over. */
  List<SheetPart> parts();

  /** Sheets that are opened; for napkins, whole napkins. */
  int sheets();

  /** No plan needs fewer than this. */
  int leastSheets();

  /** Motifs that are cut or do not show. */
  List<MotifBox> spoilt();
}
