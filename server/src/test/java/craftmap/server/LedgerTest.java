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
import java.util.Random;
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

  /** All that happened to a stock, youngest first. */
  private List<LedgerEntry> entries(String studioId, String holdingId) {
    Ledger.Told told = ledger.latest(studioId, List.of(holdingId), 10_000);
    assertThat(told.older()).isZero();
    return told.entries();
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

    List<LedgerEntry> entries = entries(studios.first().id(), "bone-white");
    assertThat(entries.getFirst().note()).isEqualTo("Used for Fern band on Booked");
    assertThat(entries.getFirst().levelAfter()).isEqualByComparingTo(level("bone-white"));

    JsonNode back = delete("/api/pieces/" + id + "/lays/band/done").body();
    assertThat(back.at("/needs/0/uses/0/done").asBoolean()).isFalse();
    assertThat(level("bone-white").doubleValue()).isEqualTo(before);
    assertThat(entries(studios.first().id(), "bone-white")).hasSize(entries.size() + 1);
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
    List<LedgerEntry> entries = entries(studio, pot);
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
    assertThat(entries(studio, pot)).hasSize(1);
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
    assertThat(entries(studio, pot).getFirst().madeBy()).isEqualTo("Wren");
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

  /** However little of it is asked for: the levels are those of the whole, the rest is counted. */
  @Test
  void whatIsToldOfALongLedgerIsItsYoungestPartWithTheLevelsOfTheWhole() {
    Random dice = new Random(81_113);
    String pot = newPot("493.7");
    String studio = studios.first().id();
    for (int i = 0; i < 137; i++) {
      double ml = 0.013 + dice.nextDouble() * 3.1;
      ledger.book(studio, pot, Booking.used(ml, StockUnit.ML), "line " + i, "");
    }
    BigDecimal level = BigDecimal.ZERO;
    List<LedgerEntry> whole = entries(studio, pot);
    assertThat(whole).hasSize(138);
    for (LedgerEntry entry : whole.reversed()) {
      level = level.add(entry.change());
      assertThat(entry.levelAfter()).isEqualByComparingTo(level);
    }
    assertThat(level).isEqualByComparingTo(level(pot));
    JsonNode all = get("/api/holdings/" + pot + "?entries=10000").body();
    assertThat(all.path("entries").size()).isEqualTo(138);
    assertThat(all.path("older").asInt()).isZero();
    for (int most : new int[] {1, 7, 100, 137, 138, 139}) {
      JsonNode told = get("/api/holdings/" + pot + "?entries=" + most).body();
      int shown = Math.min(most, 138);
      assertThat(told.path("older").asInt()).isEqualTo(138 - shown);
      assertThat(told.path("entries").valueStream().toList())
          .isEqualTo(all.path("entries").valueStream().limit(shown).toList());
    }
    assertThat(get("/api/holdings/" + pot).body().path("older").asInt()).isEqualTo(38);
    for (String refused : List.of("0", "-4", "10001")) {
      Answer no = get("/api/holdings/" + pot + "?entries=" + refused);
      assertThat(no.status()).isEqualTo(422);
      assertThat(no.detail()).contains(refused).contains("entries").containsIgnoringCase("1 to 10");
    }
  }

  /** A design's stocks are told together, in the order in which things happened. */
  @Test
  void theHistoryOfADesignIsThatOfAllItsStocks() {
    String path =
        "/api/designs/" + get("/api/shelf?kinds=FOIL").body().path(0).path("id").asString();
    // another roll is another stock
    JsonNode design = post(path + "/purchases", Map.of("quantity", "3.7 m")).body();
    List<String> stocks =
        design.path("holdings").valueStream().map(h -> h.at("/holding/id").asString()).toList();
    assertThat(stocks).hasSizeGreaterThan(1);
    for (int i = 0; i < 9; i++) {
      post(
          "/api/holdings/" + stocks.get(i % 2) + "/entries",
          Map.of("kind", "BOUGHT", "quantity", "113 mm", "note", "turn " + i));
    }
    JsonNode told = get(path + "?entries=9").body();
    List<String> notes =
        told.path("history").valueStream().map(h -> h.at("/entry/note").asString()).toList();
    assertThat(notes)
        .containsExactly(
            "turn 8", "turn 7", "turn 6", "turn 5", "turn 4", "turn 3", "turn 2", "turn 1",
            "turn 0");
    JsonNode all = get(path + "?entries=10000").body();
    assertThat(told.path("older").asInt()).isEqualTo(all.path("history").size() - 9);
    for (String stock : stocks) {
      // the youngest line of each leaves what there is
      JsonNode last =
          all.path("history")
              .valueStream()
              .filter(h -> h.path("holdingId").asString().equals(stock))
              .findFirst()
              .orElseThrow();
      assertThat(get("/api/holdings/" + stock).body().at("/holding/levelText").asString())
          .startsWith(last.at("/entry/levelText").asString());
    }
  }
}
