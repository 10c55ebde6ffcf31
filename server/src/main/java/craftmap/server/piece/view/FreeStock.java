package craftmap.server.piece.view;

import craftmap.core.finding.LayFindings;
import craftmap.core.plan.cutting.Pool;
import craftmap.server.shelf.Available;
import craftmap.server.words.Words;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/** What lies free on the shelf of each design; looked up once, and only if a lay uses any up. */
public final class FreeStock {
  private final Supplier<Map<String, Available>> shelf;
  private Map<String, Available> free;

  public FreeStock(Supplier<Map<String, Available>> shelf) {
    this.shelf = shelf;
  }

  /** What a piece may count on of a design. */
  LayFindings.FreeStock of(String designId) {
    if (free == null) {
      free = shelf.get();
    }
    return new Free(Optional.ofNullable(free.get(designId)));
  }

  private record Free(Optional<Available> there) implements LayFindings.FreeStock {
    @Override
    public boolean covers(Pool pool) {
      return there.map(a -> a.covers(pool)).orElse(false);
    }

    @Override
    public double quantity() {
      return there.map(Available::quantity).orElse(0.0);
    }

    @Override
    public int left() {
      return there.map(a -> (int) a.left()).orElse(0);
    }

    @Override
    public int right() {
      return there.map(a -> (int) a.right()).orElse(0);
    }

    @Override
    public String text() {
      return there.map(Available::text).orElse(Words.say("stock.noneFree"));
    }
  }
}
