package craftmap.server.artwork;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;

/** Written once, never changed. */
@Entity
@Immutable
@Table(name = "artwork")
class ArtworkRow implements Persistable<String> {
  @Id private String id;

  @Column(name = "studio_id")
  private String studioId;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private ArtworkForm form;

  @Lob
  @Column(columnDefinition = "LONGBLOB")
  private byte[] content;

  @Column(name = "media_type")
  private String mediaType;

  @Column(name = "width_mm")
  private double widthMm;

  @Column(name = "height_mm")
  private double heightMm;

  @Column(name = "true_size")
  private boolean trueSize;

  @Column(name = "made_at")
  private Instant madeAt;

  protected ArtworkRow() {}

  ArtworkRow(String studioId, StoredArtwork from, Instant madeAt) {
    this.id = from.id();
    this.studioId = studioId;
    this.form = from.form();
    this.content = from.content();
    this.mediaType = from.mediaType();
    this.widthMm = from.widthMm();
    this.heightMm = from.heightMm();
    this.trueSize = from.trueSize();
    this.madeAt = madeAt;
  }

  @Override
  public String getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return true;
  }

  StoredArtwork toArtwork() {
    return new StoredArtwork(id, form, content, mediaType, widthMm, heightMm, trueSize);
  }
}
