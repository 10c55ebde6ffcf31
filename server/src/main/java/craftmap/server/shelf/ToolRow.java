package craftmap.server.shelf;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.medium.Tool;
import craftmap.server.fields.Answers;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import tools.jackson.databind.json.JsonMapper;

@Entity
@Table(name = "tool")
class ToolRow {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final int LONGEST_NAME = 80;

  @Id private String id;

  @Column(name = "studio_id")
  private String studioId;

  private String name;

  @Column(columnDefinition = "LONGTEXT")
  private String properties;

  @Column(name = "changed_at")
  private Instant changedAt;

  @Version private long changes;

  protected ToolRow() {}

  ToolRow(String id, String studioId) {
    this.id = id;
    this.studioId = studioId;
  }

  final ToolRow write(String newName, Answers answers, Instant now) {
    String plain = newName == null ? "" : newName.strip();
    if (plain.isEmpty() || plain.length() > LONGEST_NAME) {
      throw new RefusedInput(
          "name",
          plain.isEmpty() ? said("empty") : said("characters", count(plain.length())),
          said("cannot-be-used"),
          said("a-name-of-1-to-characters", given(LONGEST_NAME)));
    }
    Tool.read(id, plain, answers.sheet());
    name = plain;
    properties = JSON.writeValueAsString(answers);
    changedAt = now;
    return this;
  }

  Answers answers() {
    return JSON.readValue(properties, Answers.class);
  }

  String id() {
    return id;
  }

  String name() {
    return name;
  }

  long version() {
    return changes;
  }

  Instant changedAt() {
    return changedAt;
  }
}
