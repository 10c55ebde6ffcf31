package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import craftmap.core.measure.RefusedInput;
import craftmap.core.supply.Booking;
import craftmap.core.supply.Claims;
import craftmap.core.supply.StockUnit;
import craftmap.server.fields.Answers;
import craftmap.server.shelf.Media;
import craftmap.server.shelf.MediumGiven;
import craftmap.server.shelf.Shelving;
import craftmap.server.stock.ClaimBook;
import craftmap.server.stock.Holdings;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.LedgerEntry;
import craftmap.server.stock.NewHolding;
import craftmap.server.studio.Studios;
import java.math.BigDecimal;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

class LedgerTest extends ServerTest {
  @Autowired private Ledger ledger;
  @Autowired private Media media;
  @Autowired private Shelving shelving;
  @Autowired private Holdings holdings;
  @Autowired private ClaimBook claims;
  @Autowired private DataSource database;
  @Autowired private Studios studios;
  @Autowired private TransactionTemplate transaction;

  private String newPot(String ml) {
    String studio = studios.first().id();
    var medium =
        media.add(studio, new MediumGiven("Trial", "chalky-paint", Answers.NONE, List.of()));
    return shelving
        .buyPot(
            studio,
            medium,
            new BigDecimal("500"),
            new BigDecimal(ml),
            NewHolding.Particulars.NONE,
            "")
        .id();
  }

  @Test
  void doneBooksTheUseOnceAndTakingBackCorrectsIt() {
    JsonNode chest = newChest("Booked");
    String id = chest.path("id").asString();
    JsonNode saved =
        save(chest, withFernBand(chest.path("document"), "band", 100), "laid", null).body();
    double needs = saved.at("/reading/faces/0/lays/0/laid/potMl").asDouble();
    double before = level("bone-white").doubleValue();

    JsonNode done = put("/api/pieces/" + id + "/lays/band/done", null).body();
    assertThat(done.at("/needs/0/uses/0/done").asBoolean()).isTrue();
    put("/api/pieces/" + id + "/lays/band/done", null);
    double after = level("bone-white").doubleValue();
    assertThat(before - after).isBetween(needs, needs + 0.0011);

    List<LedgerEntry> entries = ledger.entries(studios.first().id(), "bone-white");
    assertThat(entries.getLast().note()).isEqualTo("Used for Fern band on Booked");
    assertThat(entries.getLast().levelAfter()).isEqualByComparingTo(level("bone-white"));

    JsonNode back = delete("/api/pieces/" + id + "/lays/band/done").body();
    assertThat(back.at("/needs/0/uses/0/done").asBoolean()).isFalse();
    assertThat(level("bone-white").doubleValue()).isEqualTo(before);
    assertThat(ledger.entries(studios.first().id(), "bone-white")).hasSize(entries.size() + 1);
    assertThat(delete("/api/pieces/" + id + "/lays/band/done").status()).isEqualTo(200);
    assertThat(level("bone-white").doubleValue()).isEqualTo(before);
  }

  @Test
  void aPotThatIsShortSaysByHowMuchAndIsNotBookedBelowNothing() {
    String pot = newPot("1");
    JsonNode chest = newChest("Thirsty");
    var plan = withFernBand(chest.path("document"), "band", 100);
    ((tools.jackson.databind.node.ObjectNode) plan.path("lays").path(0)).put("potId", pot);
    save(chest, plan, "laid", null);
    String base = "/api/pieces/" + chest.path("id").asString();
    JsonNode need = get(base + "/gather").body().at("/needs/0");
    assertThat(need.path("enough").asBoolean()).isFalse();
    assertThat(need.path("verdictText").asString()).startsWith("short by 1.");
    Answer refused = put(base + "/lays/band/done", null);
    assertThat(refused.status()).isEqualTo(422);
    assertThat(refused.detail()).contains("more than there is");
    assertThat(level(pot)).isEqualByComparingTo("1");
  }

  @Test
  void aCorrectionBooksTheDifferenceAndOverwritesNothing() {
    String pot = newPot("40");
    Answer corrected =
        post(
            "/api/holdings/" + pot + "/level",
            Map.of("how", "LEVEL", "figure", "38,5", "note", "weighed"));
    assertThat(corrected.body().at("/holding/level").asDouble()).isEqualTo(38.5);
    assertThat(corrected.body().path("entries")).hasSize(2);
    assertThat(corrected.body().at("/entries/0/changeText").asString()).isEqualTo("− 1.5 ml");
    assertThat(corrected.body().at("/entries/0/note").asString()).isEqualTo("weighed");

    Answer tooMuch =
        post("/api/holdings/" + pot + "/level", Map.of("how", "LEVEL", "figure", "501"));
    assertThat(tooMuch.detail())
        .isEqualTo("Level (501 ml) does not fit its container. Give a level from 0 to 500 ml.");
    assertThat(
            post("/api/holdings/" + pot + "/level", Map.of("how", "LEVEL", "figure", "half"))
                .detail())
        .startsWith("Level (half) is not a volume");
    assertThat(level(pot)).isEqualByComparingTo("38.5");
  }

  @Test
  void manyWhoBookAtOnceNeverTakeMoreThanThereIs() throws Exception {
    String pot = newPot("50");
    String studio = studios.first().id();
    AtomicInteger booked = new AtomicInteger();
    try (ExecutorService threads = Executors.newFixedThreadPool(16)) {
      List<Future<?>> all = new ArrayList<>();
      for (int i = 0; i < 80; i++) {
        all.add(
            threads.submit(
                () -> {
                  try {
                    ledger.book(studio, pot, Booking.used(1.001, StockUnit.ML), "at once", "");
                    booked.incrementAndGet();
                  } catch (RefusedInput empty) {
                    // there was not enough left for this one
                  }
                }));
      }
      for (Future<?> one : all) {
        one.get();
      }
    }
    assertThat(booked.get()).isEqualTo(49);
    assertThat(level(pot))
        .isEqualByComparingTo(new BigDecimal("50").subtract(new BigDecimal("49.049")));
    List<LedgerEntry> entries = ledger.entries(studio, pot);
    assertThat(entries).hasSize(50);
    assertThat(entries).allSatisfy(e -> assertThat(e.levelAfter()).isNotNegative());
  }

  @Test
  void aBookingThatIsCutOffLeavesNoTrace() {
    String pot = newPot("20");
    String studio = studios.first().id();
    assertThatExceptionOfType(IllegalStateException.class)
        .isThrownBy(
            () ->
                transaction.executeWithoutResult(
                    t -> {
                      ledger.book(studio, pot, Booking.used(5, StockUnit.ML), "half way", "");
                      throw new IllegalStateException("cut off");
                    }));
    assertThat(level(pot)).isEqualByComparingTo("20");
    assertThat(ledger.entries(studio, pot)).hasSize(1);
  }

  /** A server that dies in the middle of a booking is a connection that is cut. */
  @Test
  void aTransactionThatIsKilledLeavesTheSumRightAndTheStockFree() throws Exception {
    String pot = newPot("30");
    String studio = studios.first().id();
    try (Connection dying = database.getConnection();
        Connection killer = database.getConnection()) {
      dying.setAutoCommit(false);
      try (Statement s = dying.createStatement()) {
        s.executeQuery("select * from holding where id = '" + pot + "' for update").close();
        s.executeUpdate(
            "insert into ledger_entry (studio_id, holding_id, kind, quantity, note, made_at) values"
                + " ('"
                + studio
                + "', '"
                + pot
                + "', 'USED', -7, 'half way', now(6))");
        try (ResultSet id = s.executeQuery("select connection_id()")) {
          id.next();
          try (Statement kill = killer.createStatement()) {
            kill.execute("kill " + id.getLong(1));
          }
        }
      }
      assertThatExceptionOfType(SQLException.class).isThrownBy(dying::commit);
    }
    assertThat(level(pot)).isEqualByComparingTo("30");
    ledger.book(studio, pot, Booking.used(4, StockUnit.ML), "after it", "Wren");
    assertThat(level(pot)).isEqualByComparingTo("26");
    assertThat(ledger.entries(studio, pot).getLast().madeBy()).isEqualTo("Wren");
  }

  @Test
  void manyPiecesThatAskAtOnceAreGrantedNoMoreThanThereIs() throws Exception {
    String pot = newPot("40");
    String studio = studios.first().id();
    List<String> chests = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      chests.add(newChest("Asks " + i).path("id").asString());
    }
    try (ExecutorService threads = Executors.newFixedThreadPool(8)) {
      List<Future<?>> all = new ArrayList<>();
      for (String chest : chests) {
        all.add(
            threads.submit(() -> claims.keep(studio, pot, chest, "Asks", new BigDecimal("7.5"))));
        all.add(
            threads.submit(
                () -> ledger.book(studio, pot, Booking.used(0.5, StockUnit.ML), "used", "")));
      }
      for (Future<?> one : all) {
        one.get();
      }
    }
    Claims settled = claims.on(holdings.get(studio, pot)).claims();
    assertThat(settled.settled()).hasSize(8);
    assertThat(settled.reserved().add(settled.available())).isEqualByComparingTo("36");
    assertThat(settled.settled().stream().filter(s -> s.missing().signum() == 0)).hasSize(4);
  }
}
