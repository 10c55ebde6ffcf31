package craftmap.core.plan;

import craftmap.core.medium.StencilPaint;
import java.time.Duration;

/** One thing that a lay takes, for what it is taken and how much. */
public sealed interface Need {
  /** Paste that stays on the knife and in the tub. */
  double PASTE_LOSS = 0.10;

  /** Clay or resin that is trimmed off. */
  double CASTING_LOSS = 0.10;

  /** Paint through openings, dotted on, or over a zone. */
  record Paint(StencilPaint sum) implements Need {}

  /** Paste of a thickness over an area: V = A x t x (1 + loss). */
  record Paste(How how, double areaMm2, double thicknessMm) implements Need {
    /** How it gets there. */
    public enum How {
      DRAWN_THROUGH_A_STENCIL,
      SPREAD_AND_EMBOSSED
    }

    public double volumeMl() {
      return areaMm2 * thicknessMm / 1000 * (1 + PASTE_LOSS);
    }
  }

  /** Castings from one mould: n / c batches, rounded up, one after the other. */
  record Castings(int count, int batches, Duration batch, double eachMl) implements Need {
    public double materialMl() {
      return Needs.materialMl(count * eachMl);
    }

    /** From the first filling until the last casting can be taken out. */
    public Duration readyAfter() {
      return batch.multipliedBy(batches);
    }
  }

  /** Single things that are used up. */
  record Pieces(int count) implements Need {}

  /** Off a roll, as it is cut or worn. */
  record Length(double mm) implements Need {}

  /**
   * Trim that is sawn from whole stock lengths.
   *
   * @param mm of trim, as it goes round
   */
  record StockLengths(int count, double mm) implements Need {}

  /**
   * Sheets that are opened, for all faces of the lay.
   *
   * @param least no plan needs fewer; 0 where nothing is known of that
   */
  record Sheets(int count, int least) implements Need {}

  /** Office pages that are printed. */
  record Pages(int count) implements Need {}

  /** An area that something is brushed on to hold what is laid. */
  record Coated(With with, double mm2) implements Need {
    /** What is brushed on. */
    public enum With {
      SIZE,
      ADHESIVE
    }
  }

  /** Film or vinyl for what is cut to size. */
  record Film(double mm2) implements Need {}

  /** Tape along what must stay clean. */
  record Tape(double mm) implements Need {}

  /** Work, without waiting. */
  record HandsOn(Duration time) implements Need {}
}
