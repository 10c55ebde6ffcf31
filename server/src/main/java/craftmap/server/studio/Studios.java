package craftmap.server.studio;

import craftmap.core.measure.TapeDivision;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The studio whose data a request works on: the only one, until there are accounts. */
@Service
@Transactional(readOnly = true)
public class Studios {
  private static final String ONLY = "studio";

  private final StudioRows rows;

  Studios(StudioRows rows) {
    this.rows = rows;
  }

  public Studio current() {
    return get(ONLY);
  }

  /** One that is known by its id, such as from a row of its own. */
  public Studio get(String id) {
    return rows.findById(id)
        .map(StudioRow::toStudio)
        .orElseThrow(() -> new IllegalStateException("impossible state: no studio was founded"));
  }

  public boolean isFounded() {
    return rows.existsById(ONLY);
  }

  @Transactional
  public Studio found(String name, TapeDivision tape) {
    return rows.save(new StudioRow(ONLY, name, tape)).toStudio();
  }

  @Transactional
  public Studio measureWith(TapeDivision tape) {
    StudioRow row = rows.findById(ONLY).orElseThrow();
    row.measureWith(tape);
    return row.toStudio();
  }
}
