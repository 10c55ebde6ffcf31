package craftmap.server.studio;

import craftmap.core.coats.Habits;
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

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  @Column(name = "primer_habit")
  private Habits.Primer primer;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  @Column(name = "seal_habit")
  private Habits.Seal seal;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  @Column(name = "dark_wax_habit")
  private Habits.DarkWax darkWax;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  @Column(name = "relief_habit")
  private Habits.Relief relief;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  @Column(name = "lift_habit")
  private Habits.Lift lift;

  protected StudioRow() {}

  StudioRow(String id, String name, TapeDivision tapeDivision) {
    this.id = id;
    this.name = name;
    this.tapeDivision = tapeDivision;
  }

  void measureWith(TapeDivision tape) {
    this.tapeDivision = tape;
  }

  void follow(Habits habits) {
    this.primer = habits.primer();
    this.seal = habits.seal();
    this.darkWax = habits.darkWax();
    this.relief = habits.relief();
    this.lift = habits.lift();
  }

  Studio toStudio() {
    return new Studio(id, name, tapeDivision, habits());
  }

  private Habits habits() {
    Habits usual = Habits.USUAL;
    return new Habits(
        primer == null ? usual.primer() : primer,
        seal == null ? usual.seal() : seal,
        darkWax == null ? usual.darkWax() : darkWax,
        relief == null ? usual.relief() : relief,
        lift == null ? usual.lift() : lift);
  }
}
