/** All over a face: in columns and rows, thrown, rolled. */
package craftmap.core.lay.rule.field;
