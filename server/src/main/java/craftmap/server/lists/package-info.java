/**
 * The shelf as lists: a CSV file in with a dry run, CSV and JSON out and JSON in, labels with short
 * codes on paper. A file is hostile until read; one that is refused changes nothing. {@code
 * docs/shelf-lists.md} describes the columns.
 */
package craftmap.server.lists;
