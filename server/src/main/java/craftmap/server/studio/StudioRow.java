package craftmap.server.studio;

import craftmap.core.measure.TapeDivision;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "studio")
class StudioRow {
  @Id private String id;
  private String name;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  @Column(name = "tape_division")
  private TapeDivision tapeDivision;

  protected StudioRow() {}

  StudioRow(String id, String name, TapeDivision tapeDivision) {
    this.id = id;
    this.name = name;
    this.tapeDivision = tapeDivision;
  }

  void measureWith(TapeDivision tape) {
    this.tapeDivision = tape;
  }

  Studio toStudio() {
    return new Studio(id, name, tapeDivision);
  }
}
