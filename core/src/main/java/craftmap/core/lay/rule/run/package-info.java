/** Motifs in a row: along an edge, along a drawn line. */
package craftmap.core.lay.rule.run;
