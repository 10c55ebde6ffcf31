/**
 * What holds for every request: who may ask (this machine's own pages only), the headers that keep
 * a page to itself, errors as problem+json, the pages themselves, and the description of the
 * interface.
 */
package craftmap.server.http;
