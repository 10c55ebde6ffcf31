package craftmap.server.piece.document;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Plan;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Plans as text. An older shape is brought up step by step, each step from one version to the next,
 * so that a plan of any age can be opened and imported.
 */
public final class PlanJson {
  private static final Set<String> FINISHES = Set.of("PAINTED", "WAXED", "VARNISHED");

  private final JsonMapper json;

  public PlanJson(JsonMapper json) {
    this.json = json;
  }

  public String write(Plan plan) {
    return json.writeValueAsString(PlanMapper.doc(plan));
  }

  public Plan read(String text) {
    return read(json.readTree(text));
  }

  public Plan read(JsonNode tree) {
    if (!(tree instanceof ObjectNode plan)) {
      throw new RefusedInput(
          "plan", said("no-object"), said("is-not-a-plan"), said("the-plan-of-a-piece"));
    }
    try {
      if (plan.path("schema").asInt() == 1) {
        fromOneToTwo(plan);
      }
      if (plan.path("schema").asInt() == 2) {
        fromTwoToThree(plan);
      }
      if (plan.path("schema").asInt() == 3) {
        fromThreeToFour(plan);
      }
      if (plan.path("schema").asInt() == 4) {
        fromFourToFive(plan);
      }
      if (plan.path("schema").asInt() == 5) {
        fromFiveToSix(plan);
      }
    } catch (ClassCastException | NullPointerException | IllegalArgumentException other) {
      throw new RefusedInput(
          "plan",
          said("schema", given(plan.path("schema").asInt())),
          said("is-not-as-plans-of-that-age-are-written"),
          said("a-plan-with-the-schema-it-was-written-with", given(PlanDocument.SCHEMA)));
    }
    int schema = plan.path("schema").asInt();
    if (schema != PlanDocument.SCHEMA) {
      throw new RefusedInput(
          "plan",
          said("schema", given(schema)),
          said("is-not-known-here"),
          said("1-to", given(PlanDocument.SCHEMA)));
    }
    return PlanMapper.toPlan(json.treeToValue(plan, PlanDocument.class));
  }

  /**
   * Version 1 knew chests only, keep-outs as boxes, and one word for what a face is made of and
   * what is on it.
   */
  private static void fromOneToTwo(ObjectNode plan) {
    plan.put("schema", 2);
    ObjectNode form = (ObjectNode) plan.path("form");
    ObjectNode measures = form.objectNode();
    for (String side : new String[] {"width", "height", "depth"}) {
      measures.set(side, form.remove(side + "Mm"));
    }
    form.set("measures", measures);
    form.set("choices", form.objectNode());
    for (JsonNode node : plan.path("faces")) {
      ObjectNode face = (ObjectNode) node;
      String makeUp = face.path("makeUp").asString();
      boolean finished = FINISHES.contains(makeUp);
      face.put("makeUp", finished || makeUp.equals("BARE_WOOD") ? "WOOD" : makeUp);
      face.put("finish", finished ? makeUp : "BARE");
      face.put("standing", "OF_THE_FORM");
      face.put("ownMarks", false);
      face.set("exposure", face.arrayNode());
      for (String kind : new String[] {"holes", "breaks", "zones"}) {
        face.set(kind, face.arrayNode());
      }
      for (JsonNode keepOut : (ArrayNode) face.path("keepOuts")) {
        boxToArea((ObjectNode) keepOut);
      }
    }
  }

  /** Version 2 knew runs along an edge only; now a lay has a rule of some kind. */
  private static void fromTwoToThree(ObjectNode plan) {
    plan.put("schema", 3);
    for (JsonNode node : plan.path("lays")) {
      ObjectNode lay = (ObjectNode) node;
      JsonNode run = lay.remove("run");
      ObjectNode rule = lay.putObject("rule").put("kind", "RUN");
      ObjectNode measures = rule.putObject("measures");
      measures.set("distance", run.path("distanceMm"));
      measures.set("start", run.path("startInsetMm"));
      measures.set("end", run.path("endInsetMm"));
      measures.set("gap", run.path("gapMm"));
      measures.set("margin", run.path("endMarginMm"));
      measures.put("change", run.path("allowedChange").asDouble() * 100);
      rule.putObject("choices").set("edge", run.path("edge"));
      rule.putArray("points");
      if (lay.path("pick") instanceof ObjectNode pick) {
        pick.set("way", pick.remove("kind"));
        pick.put("across", 1);
      }
      lay.put("hidden", false);
      lay.put("locked", false);
    }
  }

  /** Version 3 knew pots of paint only; now whatever a lay is put on with comes out of one. */
  private static void fromThreeToFour(ObjectNode plan) {
    plan.put("schema", 4);
    for (JsonNode lay : plan.path("lays")) {
      JsonNode pot = ((ObjectNode) lay).remove("paintId");
      if (pot != null) {
        ((ObjectNode) lay).set("potId", pot);
      }
    }
  }

  /** Version 4 knew nothing of coats: all of them are proposed. */
  private static void fromFourToFive(ObjectNode plan) {
    plan.put("schema", 5);
  }

  /** Version 5 knew nothing of when things are done: all of it is worked out. */
  private static void fromFiveToSix(ObjectNode plan) {
    plan.put("schema", 6);
  }

  private static void boxToArea(ObjectNode keepOut) {
    ObjectNode area = keepOut.objectNode().put("kind", "UPRIGHT");
    for (String side : new String[] {"leftMm", "topMm", "widthMm", "heightMm"}) {
      area.set(side, keepOut.remove(side));
    }
    keepOut.set("area", area);
    keepOut.set("forbids", keepOut.arrayNode());
  }
}
