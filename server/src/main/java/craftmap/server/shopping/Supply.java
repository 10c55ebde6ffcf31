package craftmap.server.shopping;

import craftmap.core.design.CustomCut;
import craftmap.core.design.Design;
import craftmap.core.medium.Medium;
import craftmap.core.supply.StockUnit;
import java.util.Locale;

/** Something that pieces use up and that can be bought. */
sealed interface Supply {
  String MEDIUM = "medium:";
  String DESIGN = "design:";

  /** The same for the same thing, whichever piece asks for it. */
  String key();

  String name();

  /** What it is counted in. */
  StockUnit unit();

  /** A medium of which pots stand on the shelf, or stood there. */
  record OfMedium(Medium medium) implements Supply {
    @Override
    public String key() {
      return MEDIUM + medium.id();
    }

    @Override
    public String name() {
      return medium.name();
    }

    @Override
    public StockUnit unit() {
      return medium.unit();
    }
  }

  /** A kind of medium in a colour, of which nothing is owned. */
  record OfKind(Medium medium) implements Supply {
    @Override
    public String key() {
      return "kind:" + medium.id() + " " + medium.coverage().colour().hex();
    }

    @Override
    public String name() {
      return medium.name();
    }

    @Override
    public StockUnit unit() {
      return medium.unit();
    }
  }

  /**
   * A design that is used up.
   *
   * @param counted sheets, pieces or a length
   */
  record OfDesign(Design design, StockUnit counted) implements Supply {
    @Override
    public String key() {
      return DESIGN + design.id();
    }

    @Override
    public String name() {
      return design.name();
    }

    @Override
    public StockUnit unit() {
      return counted;
    }
  }

  /**
   * Film or vinyl that no roll on the shelf is wide enough for.
   *
   * @param name as people say it
   */
  record OfFilm(CustomCut.Film film, double widthMm, String name) implements Supply {
    @Override
    public String key() {
      return String.format(Locale.ROOT, "film:%s %.1f", film, widthMm);
    }

    @Override
    public StockUnit unit() {
      return StockUnit.MM;
    }
  }
}
