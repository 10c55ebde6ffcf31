/**
 * What has changed: every change of a studio's things is told here and noted in its own
 * transaction, so that any server can ask what it has read too long ago, and keeps what it read
 * until then. Shown to other packages: {@link craftmap.server.changes.Changes}, {@link
 * craftmap.server.changes.Lately}.
 */
package craftmap.server.changes;
