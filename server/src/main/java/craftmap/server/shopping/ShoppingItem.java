package craftmap.server.shopping;

import craftmap.core.money.Pack;
import java.util.Optional;

/**
 * What a line of the list is about.
 *
 * @param shop who sells it; empty where nobody is known to
 * @param shelf where it stands in the shop
 * @param pack none where nothing is known of what it holds: then it is ticked off, not booked
 * @param sku its number on the shop's list
 * @param supply the key of the {@link Supply} it is bought for
 * @param planned whether it was worked out, and not written down by hand
 * @param reason what it is for
 */
record ShoppingItem(
    String shop,
    String shelf,
    String name,
    String packText,
    Optional<Pack> pack,
    Optional<String> sku,
    Optional<String> supply,
    boolean planned,
    String reason) {}
