package craftmap.server.stock;

import craftmap.core.supply.ShelfCode;
import java.math.BigDecimal;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Everything a studio holds, with its level. */
@Service
@Transactional(readOnly = true)
public class Holdings {
  private final HoldingRows rows;
  private final LedgerRows ledger;
  private final Clock clock;

  Holdings(HoldingRows rows, LedgerRows ledger, Clock clock) {
    this.rows = rows;
    this.ledger = ledger;
    this.clock = clock;
  }

  public List<Holding> all(String studioId) {
    Map<String, BigDecimal> levels = new HashMap<>();
    ledger.levels(studioId).forEach(l -> levels.put(l.holdingId(), l.level()));
    return rows.findByStudioIdOrderByNumberAsc(studioId).stream()
        .map(r -> r.toHolding(levels.getOrDefault(r.getId(), BigDecimal.ZERO)))
        .toList();
  }

  public List<Holding> ofDesign(String studioId, String designId) {
    return rows.findByStudioIdAndDesignIdOrderByNumberAsc(studioId, designId).stream()
        .map(this::withLevel)
        .toList();
  }

  public List<Holding> ofMedium(String studioId, String mediumId) {
    return rows.findByStudioIdAndMediumIdOrderByNumberAsc(studioId, mediumId).stream()
        .map(this::withLevel)
        .toList();
  }

  public Optional<Holding> find(String studioId, String id) {
    return rows.findByStudioIdAndId(studioId, id).map(this::withLevel);
  }

  public Holding get(String studioId, String id) {
    return find(studioId, id).orElseThrow(() -> missing(id));
  }

  static NoSuchElementException missing(String id) {
    return new NoSuchElementException("There is no stock " + id + " on the shelf.");
  }

  /** What the code on a label stands for. */
  public Optional<Holding> byCode(String studioId, ShelfCode code) {
    return rows.findByStudioIdAndNumber(studioId, code.number()).map(this::withLevel);
  }

  @Transactional
  public Holding setUp(String studioId, NewHolding holding) {
    String id = holding.id().isEmpty() ? UUID.randomUUID().toString() : holding.id();
    return rows.save(new HoldingRow(id, studioId, rows.nextNumber(), holding, clock.instant()))
        .toHolding(BigDecimal.ZERO);
  }

  @Transactional
  public void describe(String studioId, String id, NewHolding.Particulars particulars) {
    HoldingRow row = rows.findByStudioIdAndId(studioId, id).orElseThrow(() -> missing(id));
    row.describe(particulars);
    rows.save(row);
  }

  private Holding withLevel(HoldingRow row) {
    return row.toHolding(ledger.level(row.getId()));
  }
}
