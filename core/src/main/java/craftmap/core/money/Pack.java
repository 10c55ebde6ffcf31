package craftmap.core.money;

import java.math.BigDecimal;

/**
 * A container, a roll, a bundle that something is sold in.
 *
 * @param holds in the unit it is sold by: millilitres, grams, sheets, pieces, millimetres of a roll
 */
public record Pack(BigDecimal holds, Money price) {}
