package craftmap.core.route;

/** What comes next on a piece. Words for it are made where it is shown. */
public sealed interface Next {
  /** Where it is done. */
  Stop stop();

  /** Its main sizes are still typical ones. */
  record TakeMeasures() implements Next {
    @Override
    public Stop stop() {
      return Stop.SURVEY;
    }
  }

  record ChooseDesign() implements Next {
    @Override
    public Stop stop() {
      return Stop.CHOOSE;
    }
  }

  /** A lay that does not fit its face. */
  record MakeFit(String layId) implements Next {
    @Override
    public Stop stop() {
      return Stop.LAY_OUT;
    }
  }

  /** A lay that something out of a pot is needed for, and no pot is named. */
  record NamePot(String layId) implements Next {
    @Override
    public Stop stop() {
      return Stop.LAY_OUT;
    }
  }

  /** Something in the coats that will fail. */
  record MendCoats(int failing) implements Next {
    @Override
    public Stop stop() {
      return Stop.COATS;
    }
  }

  /** A pot has less than is still needed of it. */
  record FillPot(String potId, double shortByMl) implements Next {
    @Override
    public Stop stop() {
      return Stop.GATHER;
    }
  }

  record GetDesign(String designId, double shortBy) implements Next {
    @Override
    public Stop stop() {
      return Stop.GATHER;
    }
  }

  /** A lay whose supplies are all there. */
  record PutOn(String layId) implements Next {
    @Override
    public Stop stop() {
      return Stop.GATHER;
    }
  }

  record CutDesign(String designId) implements Next {
    @Override
    public Stop stop() {
      return Stop.CUT;
    }
  }

  /** Nothing: all that is laid is done. */
  record Nothing() implements Next {
    @Override
    public Stop stop() {
      return Stop.GATHER;
    }
  }
}
