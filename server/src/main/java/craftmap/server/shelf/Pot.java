package craftmap.server.shelf;

import craftmap.core.medium.Paint;
import java.math.BigDecimal;

/** A pot of paint and its level, the sum of its ledger. */
public record Pot(Paint paint, BigDecimal holdsMl, BigDecimal levelMl) {}
