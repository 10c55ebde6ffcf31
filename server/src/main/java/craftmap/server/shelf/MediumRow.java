package craftmap.server.shelf;

import craftmap.core.medium.Medium;
import craftmap.core.money.Pack;
import craftmap.server.fields.Answers;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;
import tools.jackson.databind.json.JsonMapper;

@Entity
@Table(name = "medium")
class MediumRow implements Persistable<String> {
  private static final JsonMapper JSON = JsonMapper.shared();

  @Id private String id;

  @Column(name = "studio_id")
  private String studioId;

  private String name;
  private String generic;

  @Column(columnDefinition = "LONGTEXT")
  private String label;

  @Column(columnDefinition = "LONGTEXT")
  private String packs;

  private String role;

  @JdbcTypeCode(SqlTypes.CHAR)
  private String colour;

  @Column(name = "changed_at")
  private Instant changedAt;

  @Version private long changes;

  @Transient private boolean fresh;

  protected MediumRow() {}

  MediumRow(String id, String studioId) {
    this.id = id;
    this.studioId = studioId;
    this.fresh = true;
  }

  final void write(MediumGiven given, Medium medium, Instant now) {
    name = medium.name();
    generic = given.generic();
    label = JSON.writeValueAsString(given.label());
    packs = JSON.writeValueAsString(given.packs());
    role = medium.kind().role().name();
    colour = medium.coverage().colour().hex();
    changedAt = now;
  }

  OwnedMedium toOwned() {
    MediumGiven given =
        new MediumGiven(
            name,
            generic,
            JSON.readValue(label, Answers.class),
            List.of(JSON.readValue(packs, Pack[].class)));
    return new OwnedMedium(given.read(id, given.label().sheet()), given, changes);
  }

  @Override
  public String getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return fresh;
  }

  @PostPersist
  @PostLoad
  void stored() {
    fresh = false;
  }

  Instant changedAt() {
    return changedAt;
  }

  long version() {
    return changes;
  }

  String name() {
    return name;
  }
}
