package craftmap.server.shelf;

import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Picture;
import craftmap.core.design.Rights;
import craftmap.server.fields.Answers;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
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
@Table(name = "design")
class DesignRow implements Persistable<String> {
  private static final JsonMapper JSON = JsonMapper.shared();

  @Id private String id;

  @Column(name = "studio_id")
  private String studioId;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private DesignKind kind;

  private String name;
  private String motif;
  private String note;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private Rights rights;

  @Column(columnDefinition = "LONGTEXT")
  private String properties;

  @Column(columnDefinition = "LONGTEXT")
  private String motifs;

  @Column(name = "artwork_id")
  private String artworkId;

  @JdbcTypeCode(SqlTypes.CHAR)
  private String background;

  @Column(name = "sheet_width_mm")
  private double sheetWidthMm;

  @Column(name = "sheet_height_mm")
  private double sheetHeightMm;

  @Column(name = "print_width_mm")
  private double printWidthMm;

  @Column(name = "print_height_mm")
  private double printHeightMm;

  private String colours;

  @JdbcTypeCode(SqlTypes.CHAR)
  private String shade;

  @Column(name = "shelf_order")
  private long shelfOrder;

  @Column(name = "changed_at")
  private Instant changedAt;

  @Version private long changes;

  private boolean gone;

  @Transient private boolean fresh;

  protected DesignRow() {}

  DesignRow(String id, String studioId, long shelfOrder) {
    this.id = id;
    this.studioId = studioId;
    this.shelfOrder = shelfOrder;
    this.fresh = true;
  }

  final void write(DesignGiven given, Design design, Looks looks, Instant now) {
    kind = given.kind();
    name = design.card().name();
    motif = design.card().motif();
    note = design.card().note();
    rights = design.card().rights();
    properties = JSON.writeValueAsString(given.answers());
    motifs = JSON.writeValueAsString(given.motifs());
    artworkId = given.artwork().orElse(null);
    background = looks.background().orElse(null);
    sheetWidthMm = design.picture().map(Picture::widthMm).orElse(design.printWidthMm());
    sheetHeightMm = design.picture().map(Picture::heightMm).orElse(design.printHeightMm());
    printWidthMm = design.printWidthMm();
    printHeightMm = design.printHeightMm();
    colours = looks.families();
    shade = looks.shade();
    changedAt = now;
  }

  void takeAway(Instant now) {
    gone = true;
    changedAt = now;
  }

  DesignGiven given() {
    return new DesignGiven(
        kind,
        name,
        motif,
        note,
        rights,
        JSON.readValue(properties, Answers.class),
        artworkId,
        background,
        List.of(JSON.readValue(motifs, DesignGiven.MotifDoc[].class)));
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

  boolean isMeasured() {
    return sheetWidthMm > 0;
  }

  long version() {
    return changes;
  }

  String name() {
    return name;
  }
}
