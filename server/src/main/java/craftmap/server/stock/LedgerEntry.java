package craftmap.server.stock;

import craftmap.core.supply.EntryKind;
import java.math.BigDecimal;
import java.time.Instant;

/**
 * One line of a ledger, with the level it left.
 *
 * @param madeBy who booked it; empty where nobody said
 */
public record LedgerEntry(
    long id,
    String holdingId,
    EntryKind kind,
    BigDecimal change,
    BigDecimal levelAfter,
    String note,
    String madeBy,
    Instant madeAt) {}
