package craftmap.core.lay.rule.run;

/** The line of a run. */
public sealed interface LayLine permits EdgeLine, DrawnLine {}
