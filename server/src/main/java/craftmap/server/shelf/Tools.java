package craftmap.server.shelf;

import craftmap.core.measure.MeasureSheet;
import craftmap.core.medium.Tool;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.fields.Answers;
import craftmap.server.writing.Guarded;
import craftmap.server.writing.Version;
import java.time.Clock;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The tools of a studio. */
@Service
@Transactional(readOnly = true)
public class Tools {
  private final ToolRows rows;
  private final Clock clock;
  private final Changes changes;

  Tools(ToolRows rows, Clock clock, Changes changes) {
    this.changes = changes;
    this.rows = rows;
    this.clock = clock;
  }

  /** A tool with the questions it answers. */
  public record OwnedTool(Tool tool, MeasureSheet sheet, Answers answers, long version) {}

  public List<OwnedTool> all(String studioId) {
    return rows.findByStudioIdOrderByNameAscIdAsc(studioId).stream().map(Tools::read).toList();
  }

  @Guarded
  public OwnedTool add(String studioId, String name, Answers answers) {
    String id = UUID.randomUUID().toString();
    changes.tell(studioId, Thing.TOOL, id);
    return read(rows.save(new ToolRow(id, studioId).write(name, answers, clock.instant())));
  }

  /** Changes it, unless somebody else did since this version of it. */
  @Guarded
  public OwnedTool change(String studioId, String id, Version seen, String name, Answers answers) {
    ToolRow row = row(studioId, id);
    seen.check(row.version(), row.changedAt(), row.name());
    changes.tell(studioId, Thing.TOOL, id);
    return read(rows.saveAndFlush(row.write(name, answers, clock.instant())));
  }

  @Guarded
  public void takeAway(String studioId, String id) {
    rows.delete(row(studioId, id));
    changes.tell(studioId, Thing.TOOL, id);
  }

  private ToolRow row(String studioId, String id) {
    return rows.findByStudioIdAndId(studioId, id)
        .orElseThrow(() -> new NoSuchElementException("There is no tool " + id + "."));
  }

  private static OwnedTool read(ToolRow row) {
    MeasureSheet sheet = row.answers().sheet();
    return new OwnedTool(
        Tool.read(row.id(), row.name(), sheet), sheet, row.answers(), row.version());
  }
}
