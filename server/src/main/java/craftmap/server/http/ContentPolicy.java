package craftmap.server.http;

/** What our pages may load: their own files, and nothing else. */
final class ContentPolicy {
  /** Answers are data: nothing in them may run, load or be framed. */
  static final String FOR_ANSWERS =
      "default-src 'none'; frame-ancestors 'none'; base-uri 'none'; form-action 'none'";

  /** A worker runs by a policy of its own: it asks this server, and no other. */
  static final String FOR_THE_WORKER =
      "default-src 'none'; script-src 'self'; connect-src 'self'; frame-ancestors 'none'";

  private ContentPolicy() {}

  /** For the page itself; styles that are made while it runs carry the nonce. */
  static String forPage(String nonce) {
    return "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-"
        + nonce
        + "'; img-src 'self' data:; font-src 'self'; connect-src 'self'; worker-src 'self'; manifest-src 'self';"
        + " frame-ancestors 'none'; base-uri 'none'; form-action 'none'";
  }
}
