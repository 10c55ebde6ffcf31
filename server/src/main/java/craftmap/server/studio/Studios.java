package craftmap.server.studio;

import craftmap.core.coats.Habits;
import craftmap.core.measure.TapeDivision;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Solves;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The studio whose data a request works on: the only one, until there are accounts. */
@Service
@Solves
public class Studios {
  private static final String ONLY = "studio";

  private final StudioRows rows;
  private final Changes changes;

  Studios(StudioRows rows, Changes changes) {
    this.changes = changes;
    this.rows = rows;
  }

  /** The one that was founded with the server. */
  public Studio first() {
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

  /** Founds the studio that this server works for. */
  @Transactional
  public Studio found(String name, TapeDivision tape) {
    return found(ONLY, name, tape);
  }

  @Transactional
  public Studio found(String id, String name, TapeDivision tape) {
    return rows.save(new StudioRow(id, name, tape)).toStudio();
  }

  /** Whether it is the one that was founded with the server. */
  public static boolean isFirst(Studio studio) {
    return studio.id().equals(ONLY);
  }

  @Guarded
  public Studio measureWith(Studio studio, TapeDivision tape) {
    StudioRow row = rows.findById(studio.id()).orElseThrow();
    row.measureWith(tape);
    changes.tell(studio.id(), Thing.STUDIO, studio.id());
    return row.toStudio();
  }

  /** New pieces follow these; those there are keep their own. */
  @Guarded
  public Studio follow(Studio studio, Habits habits) {
    StudioRow row = rows.findById(studio.id()).orElseThrow();
    row.follow(habits);
    changes.tell(studio.id(), Thing.STUDIO, studio.id());
    return row.toStudio();
  }
}
