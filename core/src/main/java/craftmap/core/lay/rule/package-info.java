/**
 * Rules by which designs are laid, one record each, in packages by family. Here is what they share:
 * what a rule is handed ({@link craftmap.core.lay.rule.Laying}), what it answers, how options are
 * ranked, and the ways they arrange copies ({@link craftmap.core.lay.rule.Way}). A family may use
 * another; none uses one that uses it.
 */
package craftmap.core.lay.rule;
