package craftmap.server.stock;

import craftmap.core.money.Money;
import craftmap.core.supply.EntryKind;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;

/**
 * One line of a ledger, with the level it left.
 *
 * @param paid what it cost, where it was bought and somebody said
 * @param madeBy who booked it; empty where nobody said
 */
public record LedgerEntry(
    long id,
    String holdingId,
    EntryKind kind,
    BigDecimal change,
    BigDecimal levelAfter,
    Optional<Money> paid,
    String note,
    String madeBy,
    Instant madeAt) {}
