package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is sent that makes no sense is answered with a sentence, never with a failure. */
class SentencesTest extends ServerTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "POST|/api/lengths|{}",
        "POST|/api/sums/MIX|{'texts':{'all':'much'}}",
        "PUT|/api/studio/tape|{}",
        "POST|/api/tools|{}",
        "POST|/api/tools|{'name':null,'answers':{}}",
        "POST|/api/designs|{}",
        "POST|/api/designs|{'given':null}",
        "POST|/api/media|{}",
        "POST|/api/pieces|{}",
        "POST|/api/pieces|{'name':'A','form':null}",
        "POST|/api/pieces|{'name':'A','form':{'kind':null}}",
        "POST|/api/edits|{}",
        "POST|/api/designs/fern-band/offcuts|{'outline':[null,null,null],'place':'','note':''}",
        "POST|/api/designs/fern-band/offcuts|{'outline':[{'xMm':1,'yMm':1}],'place':'','note':''}",
        "POST|/api/holdings/deep-estuary/level|{}",
        "POST|/api/holdings/deep-estuary/level|{'how':'WEIGHT'}",
        "POST|/api/holdings/deep-estuary/level|{'how':'WEIGHT','figure':''}",
        "POST|/api/holdings/deep-estuary/entries|{}",
        "POST|/api/holdings/deep-estuary/entries|{'kind':'USED','quantity':null}",
        "POST|/api/pieces/sea-chest/prints|{}",
        "POST|/api/lengths|[]",
        "POST|/api/lengths|null",
        "POST|/api/lengths|{",
      })
  void whatIsMissingIsNamed(String method, String path, String body) {
    Answer answer = change(method, path, body.replace('\'', '"'), 0L);
    assertThat(answer.status()).as(answer.detail()).isIn(400, 422);
    assertThat(answer.header("Content-Type")).isEqualTo("application/problem+json");
    assertThat(answer.detail()).hasSizeGreaterThan(12).doesNotContain("went wrong");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        "{'name':'x','form':null,'faces':[],'lays':[]} | form (empty) is missing",
        "{'name':'x','form':{'measures':{},'choices':{}},'faces':[],'lays':[]}"
            + " | form.kind (empty) is missing",
        "{'name':'x','form':{'kind':'CHEST'},'faces':[{'id':'front','ownMarks':false}],'lays':[]}"
            + " | faces[0].makeUp (empty) is missing",
      })
  void whatIsMissingIsNamedWithItsPlace(String plan, String told) {
    Answer answer =
        post("/api/readings", plan.replace("{'name'", "{'schema':3,'name'").replace('\'', '"'));
    assertThat(answer.status()).as(answer.detail()).isEqualTo(422);
    assertThat(answer.detail()).startsWith(told);
  }

  @Test
  void aBrokenPercentIsRefusedByTheContainerInTheSameForm() throws IOException {
    for (String path : new String[] {"/api/pieces/%", "/api/pieces/%zz", "/api/%00", "/api/\\.."}) {
      try (Socket socket = new Socket("127.0.0.1", port())) {
        socket
            .getOutputStream()
            .write(
                ("GET "
                        + path
                        + " HTTP/1.1\r\nHost: 127.0.0.1:"
                        + port()
                        + "\r\nConnection: close\r\n\r\n")
                    .getBytes(StandardCharsets.US_ASCII));
        String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(answer).as(path).startsWith("HTTP/1.1 40").contains("application/problem+json");
        assertThat(answer).contains("\"detail\"").doesNotContain("<html");
      }
    }
  }

  @Test
  void anUploadOverTheLimitGetsItsSentence() {
    Answer answer = upload("/api/artworks", new byte[60 * 1024 * 1024]);
    assertThat(answer.status()).isIn(413, 422);
    assertThat(answer.detail()).containsPattern("[0-9]+ MB|larger than");
  }

  @Test
  void aPrintThatIsAskedForAsACutIsToldToBeNone() {
    Answer begun =
        post("/api/pieces/wall-clock/prints", "{\"what\":\"TEMPLATES\",\"paper\":\"A4\"}");
    assertThat(finished(begun).path("state").asString()).isEqualTo("DONE");
    Answer asCut = get("/api/cutter/cuts/" + begun.body().path("id").asString());
    assertThat(asCut.status()).isEqualTo(404);
    assertThat(asCut.detail()).contains("left no such thing");
  }

  @Test
  void aFileNameOfAnyLengthIsTaken() {
    ObjectNode file =
        json.createObjectNode().put("name", "wave".repeat(90) + ".svg").put("content", "IN;PU0,0;");
    Answer sent = post("/api/cutter/files", file);
    assertThat(sent.status()).as(sent.detail()).isLessThan(500);
  }

  @Test
  void aPlanThatIsLabelledWithAnotherSchemaIsRefusedNotStored() {
    JsonNode chest = newChest("Mislabelled");
    for (Object schema : new Object[] {1, 2, 99, -1, "three"}) {
      ObjectNode document = (ObjectNode) chest.path("document").deepCopy();
      document.set("schema", json.valueToTree(schema));
      Answer saved = save(chest, document, "Mislabelled", null);
      assertThat(saved.status()).as("schema %s: %s", schema, saved.detail()).isIn(200, 400, 422);
      assertThat(get("/api/pieces/" + chest.path("id").asString()).status()).isEqualTo(200);
    }
  }

  @Test
  void anArcWithoutEndIsRefused() {
    Answer answer =
        upload(
            "/api/artworks",
            ("<svg xmlns='http://www.w3.org/2000/svg' width='10mm' height='10mm'"
                    + " viewBox='0 0 10 10'><path d='M0 0A1e308 1e308 0 0 1 1e308 5Z'/></svg>")
                .getBytes(StandardCharsets.UTF_8));
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.detail()).contains("Give ");
  }
}
