package craftmap.core.sum;

import craftmap.core.money.Money;
import craftmap.core.order.climate.Climate;

/**
 * What stands in a sum before anybody says otherwise, and differs from studio to studio.
 *
 * @param air where things dry, now
 * @param hourly what an hour costs
 */
public record Usual(Climate air, Money hourly, int marginPercent) {}
