package craftmap.core.plan;

import craftmap.core.design.StencilDesign;
import craftmap.core.lay.Clearance;
import craftmap.core.lay.LayAnswer;
import craftmap.core.lay.LayOption;
import craftmap.core.lay.StencilPasses;
import craftmap.core.measure.SetOut;
import craftmap.core.medium.Paint;
import craftmap.core.medium.StencilPaint;
import java.util.List;

/** What one lay comes to. */
public sealed interface LayReading {
  Lay lay();

  /** Whether the artist's pick, if there is one, is what is laid. */
  enum PickState {
    /** No pick: the best option is laid. */
    FOLLOWS_BEST,
    /** The pick is laid as it was picked. */
    KEPT,
    /** The kind is kept, its count had to change. */
    COUNT_CHANGED,
    /** The kind is not on offer any more; the best option is laid, the pick still stands. */
    NOT_POSSIBLE
  }

  /**
   * A design that lies on its face.
   *
   * @param setOut marks of the motif centres that fall on the edge, from its datum
   */
  record Laid(
      Lay lay,
      StencilDesign stencil,
      Paint paint,
      List<LayOption> options,
      LayOption chosen,
      PickState pickState,
      SetOut setOut,
      StencilPasses passes,
      List<Clearance> clearances,
      StencilPaint takes)
      implements LayReading {
    public Laid {
      options = List.copyOf(options);
      clearances = List.copyOf(clearances);
    }
  }

  /** A design that does not go where the lay wants it. */
  record DoesNotFit(Lay lay, StencilDesign stencil, Paint paint, LayAnswer why)
      implements LayReading {}

  /** The line's ends have passed each other: nothing is left to lay on. */
  record NoLine(Lay lay, StencilDesign stencil, Paint paint) implements LayReading {}

  /** The design or the paint is no longer on the shelf. */
  record Missing(Lay lay, String what) implements LayReading {}
}
