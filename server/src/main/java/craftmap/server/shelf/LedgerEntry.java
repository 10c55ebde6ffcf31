package craftmap.server.shelf;

import craftmap.core.supply.EntryKind;
import java.math.BigDecimal;
import java.time.Instant;

/** One line of a pot's ledger, with the level it left. */
public record LedgerEntry(
    long id,
    String potId,
    EntryKind kind,
    BigDecimal changeMl,
    BigDecimal levelAfterMl,
    String note,
    Instant madeAt) {}
