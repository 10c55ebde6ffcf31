package craftmap.core.plan;

import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.design.FilmRoll;
import craftmap.core.lay.BreakCrossing;
import craftmap.core.lay.Clearance;
import craftmap.core.lay.Eye;
import craftmap.core.lay.Item;
import craftmap.core.lay.pass.StencilPasses;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.medium.PotLabel;
import craftmap.core.surface.ZonePlace;
import java.util.List;
import java.util.Optional;

/** What one lay comes to. */
public sealed interface LayReading {
  Lay lay();

  /** Whether the artist's pick, if there is one, is what is laid. */
  enum PickState {
    /** No pick: the best option is laid. */
    FOLLOWS_BEST,
    /** The pick is laid as it was picked. */
    KEPT,
    /** The way is kept, its count had to change. */
    COUNT_CHANGED,
    /** The way is not on offer any more; the best option is laid, the pick still stands. */
    NOT_POSSIBLE
  }

  /**
   * A design that lies on its face.
   *
   * @param faceIds the faces it goes over, those that there are, in the order of its parts
   * @param lead whether this is the face it was laid on; what it takes is counted there only
   * @param design the design of the shelf, or what the words became
   * @param chosen the option as the rule has it
   * @param pot what it is put on from; none while none is named
   * @param seen the items as the eye has them
   * @param setOuts what to tick, along which edge or line
   * @param overInsetsMm how deep it reaches over what is set into the face
   * @param film the roll that what is cut to size is cut from; none where there is none, or no need
   * @param zone where it aims at one; its rule measures from there, its items from the face
   * @param passes for what is put on through a sheet
   */
  record Laid(
      Lay lay,
      List<String> faceIds,
      boolean lead,
      Design design,
      Optional<PotLabel> pot,
      List<LayOption> options,
      LayOption chosen,
      Eye.Seen seen,
      PickState pickState,
      List<SetOutLine> setOuts,
      Optional<StencilPasses> passes,
      List<Clearance> clearances,
      List<BreakCrossing> crossings,
      double overInsetsMm,
      Optional<FilmRoll> film,
      Optional<ZonePlace> zone,
      Needs takes)
      implements LayReading {
    public Laid {
      faceIds = List.copyOf(faceIds);
      options = List.copyOf(options);
      setOuts = List.copyOf(setOuts);
      clearances = List.copyOf(clearances);
      crossings = List.copyOf(crossings);
    }

    public List<Item> items() {
      return seen.items();
    }

    /** The colour it shows in; none where it has its own, whatever it is put on with. */
    public Optional<Colour> shownIn() {
      return pot.filter(p -> design.isPainted()).map(PotLabel::colour);
    }
  }

  /** A design that does not go where the lay wants it. */
  record DoesNotFit(Lay lay, Optional<Design> design, Optional<PotLabel> pot, LayAnswer why)
      implements LayReading {}

  /** The design or the pot is no longer on the shelf. */
  record Missing(Lay lay, What what) implements LayReading {}

  /** What can be missing. */
  enum What {
    DESIGN,
    POT
  }
}
