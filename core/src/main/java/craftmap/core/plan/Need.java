package craftmap.core.plan;

import craftmap.core.design.CustomCut;
import craftmap.core.log.Effort;
import craftmap.core.medium.Coating;
import craftmap.core.medium.Role;
import java.time.Duration;

/** One thing that a lay takes, for what it is taken and how much. */
public sealed interface Need {
  /** Paste that stays on the knife and in the tub. */
  double PASTE_LOSS = 0.10;

  /** Clay or resin that is trimmed off. */
  double CASTING_LOSS = 0.10;

  /** Paint through openings, dotted on, or over a zone. */
  record Paint(Coating sum) implements Need {}

  /** Paste of a thickness over an area: V = A x t x (1 + loss). */
  record Paste(How how, double areaMm2, double thicknessMm, double loss) implements Need {
    /** How it gets there. */
    public enum How {
      DRAWN_THROUGH_A_STENCIL,
      SPREAD_AND_EMBOSSED
    }

    public double volumeMl() {
      return areaMm2 * thicknessMm / 1000 * (1 + loss);
    }
  }

  /** Castings from one mould: n / c batches, rounded up, one after the other. */
  record Castings(int count, int batches, Duration batch, double eachMl, double loss)
      implements Need {
    public double materialMl() {
      return count * eachMl * (1 + loss);
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

  /**
   * An area that is brushed with what holds down, or seals, what is laid.
   *
   * @param role what is brushed on
   */
  record Coated(Role role, Coating sum) implements Need {
    public double mm2() {
      return sum.areaMm2();
    }
  }

  /** Water that plaster is wetted with. */
  record Water(double ml) implements Need {}

  /**
   * Film or vinyl for what is cut to size, off a roll that is at least as wide as the widest sheet.
   *
   * @param of which of the two
   * @param sheets film serves every position, vinyl stays where it is stuck
   * @param lengthMm off the roll
   */
  record Film(
      CustomCut.Film of, int sheets, double widthMm, double lengthMm, boolean offARollOfTheShelf)
      implements Need {}

  /** Tape along what must stay clean. */
  record Tape(double mm) implements Need {}

  /**
   * Work, without waiting.
   *
   * @param before away from the piece: cut, weeded, cast
   * @param sizing what holds it, brushed on and left to become tacky
   * @param onIt on the piece
   */
  record HandsOn(Effort before, Duration sizing, Effort onIt) implements Need {
    public Duration ahead() {
      return before.time();
    }

    public Duration there() {
      return onIt.time();
    }

    public Duration time() {
      return ahead().plus(sizing).plus(there());
    }
  }
}
