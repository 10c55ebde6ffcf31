package craftmap.server.photo;

import jakarta.persistence.Basic;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;

@Entity
@Table(name = "photo")
class PhotoRow {
  @Id private String id;

  @Column(name = "studio_id")
  private String studioId;

  @Column(name = "piece_id")
  private String pieceId;

  @Enumerated(EnumType.STRING)
  @Column(columnDefinition = "VARCHAR(20)")
  private Stage stage;

  private String caption;

  @Column(name = "face_id")
  private String faceId;

  @Column(name = "step_key")
  private String stepKey;

  @Column(name = "width_px")
  private int widthPx;

  @Column(name = "height_px")
  private int heightPx;

  @Lob
  @Basic(fetch = FetchType.LAZY)
  @Column(columnDefinition = "LONGBLOB")
  private byte[] picture;

  @Lob
  @Basic(fetch = FetchType.LAZY)
  @Column(columnDefinition = "MEDIUMBLOB")
  private byte[] thumbnail;

  @Column(name = "made_at")
  private Instant madeAt;

  @Version private long changes;

  protected PhotoRow() {}

  PhotoRow(String studioId, String pieceId, Photo photo, byte[] picture, byte[] thumbnail) {
    this.id = photo.id();
    this.studioId = studioId;
    this.pieceId = pieceId;
    this.stage = photo.stage();
    this.caption = photo.caption();
    this.faceId = photo.faceId().orElse(null);
    this.stepKey = photo.stepKey().orElse(null);
    this.widthPx = photo.widthPx();
    this.heightPx = photo.heightPx();
    this.picture = picture;
    this.thumbnail = thumbnail;
    this.madeAt = photo.madeAt();
  }

  void describe(Stage newStage, String newCaption, Optional<String> newFaceId) {
    this.stage = newStage;
    this.caption = newCaption;
    this.faceId = newFaceId.orElse(null);
  }

  Photo photo() {
    return new Photo(
        id,
        stage,
        caption,
        Optional.ofNullable(faceId),
        Optional.ofNullable(stepKey),
        widthPx,
        heightPx,
        madeAt,
        changes);
  }

  byte[] picture() {
    return picture;
  }

  byte[] thumbnail() {
    return thumbnail;
  }

  long version() {
    return changes;
  }

  Instant changedAt() {
    return madeAt;
  }
}
