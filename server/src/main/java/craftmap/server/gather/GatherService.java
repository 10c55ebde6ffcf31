package craftmap.server.gather;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.LayReading;
import craftmap.core.supply.Provision;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.shelf.LedgerService;
import craftmap.server.shelf.Pot;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets what a piece takes against the shelf. */
@Service
@Transactional(readOnly = true)
public class GatherService {
  private final Pieces pieces;
  private final ShelfService shelf;
  private final LedgerService ledger;

  GatherService(Pieces pieces, ShelfService shelf, LedgerService ledger) {
    this.pieces = pieces;
    this.shelf = shelf;
    this.ledger = ledger;
  }

  public Gathering gather(Studio studio, SavedPlan piece) {
    Map<String, BigDecimal> used = ledger.usedByLay(studio.id(), piece.id());
    Map<String, List<Gathering.Use>> byPot = new LinkedHashMap<>();
    List<LayReading> notLaid = new ArrayList<>();
    for (LayReading reading : pieces.read(studio, piece.document()).lays()) {
      if (reading instanceof LayReading.Laid laid) {
        byPot
            .computeIfAbsent(laid.paint().id(), id -> new ArrayList<>())
            .add(new Gathering.Use(laid, Optional.ofNullable(used.get(laid.lay().id()))));
      } else {
        notLaid.add(reading);
      }
    }
    List<Gathering.Need> needs = new ArrayList<>();
    byPot.forEach((potId, uses) -> needs.add(need(studio, potId, uses)));
    return new Gathering(needs, notLaid);
  }

  private Gathering.Need need(Studio studio, String potId, List<Gathering.Use> uses) {
    Pot pot = shelf.pot(studio.id(), potId).orElseThrow();
    double still =
        uses.stream().filter(u -> !u.isDone()).mapToDouble(u -> u.laid().takes().volumeMl()).sum();
    return new Gathering.Need(pot, uses, still, Provision.of(still, pot.levelMl().doubleValue()));
  }

  /** Books what a lay takes from its pot. */
  @Transactional
  public void done(Studio studio, String pieceId, String layId) {
    SavedPlan piece = pieces.get(studio, pieceId);
    LayReading.Laid laid =
        gather(studio, piece).uses().stream()
            .map(Gathering.Use::laid)
            .filter(l -> l.lay().id().equals(layId))
            .findFirst()
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "Lay", layId, "is not laid on this piece", "a lay that fits its face"));
    ledger.bookUse(
        studio.id(),
        laid.paint().id(),
        laid.takes().volumeMl(),
        pieceId,
        layId,
        Words.say("done.note", laid.stencil().name(), piece.document().name()));
  }

  /** Takes a booked use back, by a correction in the ledger. */
  @Transactional
  public void notDone(Studio studio, String pieceId, String layId) {
    String piece = pieces.get(studio, pieceId).document().name();
    ledger.takeBackUse(studio.id(), pieceId, layId, Words.say("done.takenBack", piece));
  }
}
