package craftmap.core.route;

/** The stops of the route, in their order. */
public enum Stop {
  SURVEY,
  CHOOSE,
  LAY_OUT,
  COATS,
  CUT,
  ORDER,
  GATHER
}
