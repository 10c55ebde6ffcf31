package craftmap.server.shelf;

import craftmap.core.design.Stencil;
import craftmap.core.medium.Paint;
import craftmap.core.plan.Shelf;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is on a studio's shelf. */
@Service
@Transactional(readOnly = true)
public class ShelfService {
  private final StencilRows stencils;
  private final PotRows pots;
  private final LedgerRows ledger;

  /**
   * Artwork is read once: a stencil's row never changes after it was added. Kept by studio and id.
   */
  private final Map<String, OwnedStencil> read = new ConcurrentHashMap<>();

  ShelfService(StencilRows stencils, PotRows pots, LedgerRows ledger) {
    this.stencils = stencils;
    this.pots = pots;
    this.ledger = ledger;
  }

  public List<OwnedStencil> stencils(String studioId) {
    return stencils.findByStudioIdOrderByShelfOrderAscIdAsc(studioId).stream()
        .map(row -> readOnce(studioId, row))
        .toList();
  }

  public Optional<OwnedStencil> stencil(String studioId, String id) {
    OwnedStencil known = read.get(key(studioId, id));
    return known != null
        ? Optional.of(known)
        : stencils.findByStudioIdAndId(studioId, id).map(row -> readOnce(studioId, row));
  }

  private OwnedStencil readOnce(String studioId, StencilRow row) {
    return read.computeIfAbsent(key(studioId, row.id()), key -> row.toOwned());
  }

  private static String key(String studioId, String id) {
    return studioId + "/" + id;
  }

  public List<Pot> pots(String studioId) {
    Map<String, BigDecimal> levels = new HashMap<>();
    ledger.levels(studioId).forEach(l -> levels.put(l.potId(), l.levelMl()));
    return pots.findByStudioIdOrderByShelfOrderAscIdAsc(studioId).stream()
        .map(p -> p.toPot(levels.getOrDefault(p.id(), BigDecimal.ZERO)))
        .toList();
  }

  public Optional<Pot> pot(String studioId, String id) {
    return pots.findByStudioIdAndId(studioId, id).map(p -> p.toPot(ledger.level(id)));
  }

  /** The shelf as plans see it; each pot is looked up once. */
  public Shelf asPlansSeeIt(String studioId) {
    Map<String, Optional<Paint>> paints = new HashMap<>();
    return new Shelf() {
      @Override
      public Optional<Stencil> stencil(String id) {
        return ShelfService.this.stencil(studioId, id).map(OwnedStencil::stencil);
      }

      @Override
      public Optional<Paint> paint(String id) {
        return paints.computeIfAbsent(
            id,
            p ->
                pots.findByStudioIdAndId(studioId, p)
                    .map(row -> row.toPot(BigDecimal.ZERO).paint()));
      }
    };
  }

  @Transactional
  public void add(String studioId, NewStencil stencil) {
    int order = (int) stencils.count();
    stencils.save(new StencilRow(studioId, stencil, order));
  }

  @Transactional
  public void add(String studioId, NewPot pot) {
    int order = (int) pots.count();
    pots.save(new PotRow(studioId, pot, order));
  }
}
