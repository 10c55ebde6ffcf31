/** Many pieces that lie on each other: cut-outs, strips off a roll. */
package craftmap.core.lay.rule.pieces;
