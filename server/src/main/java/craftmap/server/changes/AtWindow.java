package craftmap.server.changes;

/** In which window of a browser is done what is done now; empty where none said so. */
public interface AtWindow {
  String window();
}
