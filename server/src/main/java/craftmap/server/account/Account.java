package craftmap.server.account;

import craftmap.server.access.StudioRole;
import java.time.Instant;

/**
 * Somebody who belongs to a studio.
 *
 * @param signIn the name to sign in with, one on the whole server
 * @param person the name under which is written down what they do, one in the studio
 */
record Account(
    String id, String studioId, String signIn, String person, StudioRole role, Instant madeAt) {}
