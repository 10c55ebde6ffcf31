package craftmap.server.shelf;

import craftmap.core.supply.Booking;
import craftmap.core.supply.EntryKind;
import java.math.BigDecimal;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Books on pots. A pot is held while a booking looks at its level, so that two bookings never count
 * on the same paint.
 */
@Service
@Transactional(readOnly = true)
public class LedgerService {
  private final PotRows pots;
  private final LedgerRows ledger;
  private final Clock clock;

  LedgerService(PotRows pots, LedgerRows ledger, Clock clock) {
    this.pots = pots;
    this.ledger = ledger;
    this.clock = clock;
  }

  /** A pot's ledger, oldest first, with running levels. */
  public List<LedgerEntry> entries(String studioId, String potId) {
    List<LedgerEntry> entries = new ArrayList<>();
    BigDecimal level = BigDecimal.ZERO;
    for (LedgerRow row : ledger.findByStudioIdAndPotIdOrderByIdAsc(studioId, potId)) {
      level = level.add(row.changeMl());
      entries.add(row.toEntry(level));
    }
    return entries;
  }

  /** What was used for each lay of a piece and not taken back, by lay. */
  public Map<String, BigDecimal> usedByLay(String studioId, String pieceId) {
    Map<String, BigDecimal> used = new TreeMap<>();
    for (LedgerRow row : ledger.standingUses(studioId, pieceId)) {
      used.merge(row.layId(), row.changeMl().negate(), BigDecimal::add);
    }
    return used;
  }

  @Transactional
  public void book(String studioId, String potId, Booking booking, String note) {
    PotRow pot = hold(studioId, potId);
    booking.onto(ledger.level(potId));
    ledger.save(new LedgerRow(pot, booking, note, clock.instant()));
  }

  /** Books what a lay took, once: booking a lay that is booked already changes nothing. */
  @Transactional
  public void bookUse(
      String studioId, String potId, double usedMl, String pieceId, String layId, String note) {
    PotRow pot = hold(studioId, potId);
    if (ledger.standingUse(studioId, pieceId, layId).isPresent()) {
      return;
    }
    Booking booking = Booking.used(usedMl);
    booking.onto(ledger.level(potId));
    ledger.save(new LedgerRow(pot, booking, note, clock.instant()).forLay(pieceId, layId));
  }

  /** Takes a lay's use back by a correction; without a standing use it changes nothing. */
  @Transactional
  public void takeBackUse(String studioId, String pieceId, String layId, String note) {
    ledger
        .standingUse(studioId, pieceId, layId)
        .ifPresent(
            used -> {
              PotRow pot = hold(studioId, used.potId());
              Booking back = new Booking(EntryKind.CORRECTED, used.changeMl().negate());
              ledger.save(
                  new LedgerRow(pot, back, note, clock.instant())
                      .forLay(pieceId, layId)
                      .takingBack(used));
            });
  }

  /** Corrects a pot's level to what was found in it. */
  @Transactional
  public void correct(String studioId, String potId, BigDecimal foundMl, String note) {
    PotRow pot = hold(studioId, potId);
    Booking booking = Booking.correctedTo(foundMl, ledger.level(potId), pot.holdsMl());
    ledger.save(new LedgerRow(pot, booking, note, clock.instant()));
  }

  private PotRow hold(String studioId, String potId) {
    return pots.hold(studioId, potId)
        .orElseThrow(() -> new NoSuchElementException("There is no pot " + potId + "."));
  }
}
