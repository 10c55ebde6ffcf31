package craftmap.server.studio;

/** Under which name is written down what is done now; empty where nobody said one. */
public interface WhoDoesIt {
  String person();
}
