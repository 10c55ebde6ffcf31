package craftmap.core.lay.rule;

/** The line of a run. */
public sealed interface LayLine permits EdgeLine, DrawnLine {}
