/**
 * How things are changed while others change them too: {@link craftmap.server.writing.Guarded} for
 * what books and saves, versions for what a person looked at before changing it.
 */
package craftmap.server.writing;
