package craftmap.server.shelf;

import craftmap.core.design.Stencil;
import craftmap.core.artwork.Drawing;
import craftmap.core.artwork.SvgReader;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "stencil")
class StencilRow {
  @Id private String id;

  @Column(name = "studio_id")
  private String studioId;

  private String name;
  private String motif;
  private String note;

  @Column(columnDefinition = "LONGTEXT")
  private String artwork;

  @Column(name = "natural_gap_mm")
  private double naturalGapMm;

  @Column(name = "uses_between_washes")
  private int usesBetweenWashes;

  @Column(name = "shelf_order")
  private int shelfOrder;

  protected StencilRow() {}

  StencilRow(String studioId, NewStencil from, int shelfOrder) {
    this.id = from.id();
    this.studioId = studioId;
    this.name = from.name();
    this.motif = from.motif();
    this.note = from.note();
    this.artwork = from.artworkSvg();
    this.naturalGapMm = from.naturalGapMm();
    this.usesBetweenWashes = from.usesBetweenWashes();
    this.shelfOrder = shelfOrder;
  }

  String id() {
    return id;
  }

  OwnedStencil toOwned() {
    Drawing sheet = SvgReader.read(artwork);
    Stencil stencil =
        new Stencil(
            id,
            name,
            sheet.widthMm(),
            sheet.heightMm(),
            sheet.openings(),
            naturalGapMm,
            usesBetweenWashes);
    return new OwnedStencil(stencil, motif, note);
  }
}
