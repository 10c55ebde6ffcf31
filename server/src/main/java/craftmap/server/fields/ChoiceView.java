package craftmap.server.fields;

/** One of the ways a field offers. */
public record ChoiceView(String value, String text) {}
