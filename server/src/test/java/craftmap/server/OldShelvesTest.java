package craftmap.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import craftmap.server.shelf.Designs;
import craftmap.server.studio.Studios;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import tools.jackson.databind.JsonNode;

/** A shelf that an earlier version kept comes along with its levels and its ledger. */
@Tag("database")
class OldShelvesTest extends ServerTest {
  private static final String SVG =
      "<svg width='120mm' height='80mm' viewBox='0 0 120 80'>"
          + "<rect x='20' y='20' width='30' height='30'/></svg>";

  @Autowired private JdbcTemplate database;
  @Autowired private Flyway flyway;
  @Autowired private FlywayMigrationStrategy migrations;
  @Autowired private Designs designs;
  @Autowired private Studios studios;

  @Test
  void stencilsAndPotsOfTheSecondSchemaBecomeDesignsAndMedia(@TempDir Path folder)
      throws IOException {
    Path dir = folder.resolve("db");
    String port = TestDatabase.run("start", dir);
    try {
      var source =
          new DriverManagerDataSource(
              "jdbc:mariadb://127.0.0.1:" + port + "/craftmap",
              "craftmap",
              Files.readString(dir.resolve("password")).strip());
      Flyway.configure().dataSource(source).target("2").load().migrate();
      JdbcTemplate old = new JdbcTemplate(source);
      old.update("insert into studio values ('s', 'Attic', 'MM_1')");
      old.update(
          "insert into stencil values ('star', 's', 'Star', 'star', 'Old', ?, 12.5, 4, 0)", SVG);
      old.update("insert into pot values ('blue', 's', 'Blue', '#336699', 118.000, 10.5, 0)");
      old.update(
          "insert into ledger_entry (studio_id, pot_id, kind, change_ml, note, made_at) values"
              + " ('s', 'blue', 'BOUGHT', 118, 'bought', now(6)),"
              + " ('s', 'blue', 'USED', -40.125, 'used', now(6))");
      Flyway.configure().dataSource(source).load().migrate();

      assertThat(
              old.queryForObject(
                  "select sum(quantity) from ledger_entry where holding_id = 'blue'", String.class))
          .isEqualTo("77.875");
      assertThat(
              old.queryForList(
                  "select price_minor from ledger_entry where price_minor is not null"))
          .as("nobody said what it cost")
          .isEmpty();
      assertThat(
              old.queryForMap(
                  "select kind, json_value(properties, '$.numbers.gap') as gap, artwork_id"
                      + " from design where id = 'star'"))
          .containsEntry("kind", "STENCIL")
          .containsEntry("gap", "12.5")
          .containsEntry("artwork_id", "art-star");
      assertThat(old.queryForMap("select unit, holds, form from holding where id = 'blue'"))
          .containsEntry("unit", "ML")
          .containsEntry("form", "POT");
      assertThat(
              old.queryForObject(
                  "select json_value(label, '$.numbers.spread') from medium where id = 'blue'",
                  String.class))
          .isEqualTo("10.5");
    } finally {
      TestDatabase.run("stop", dir);
    }
  }

  @Test
  void whatAStockCostStandsOnItsFirstEntry(@TempDir Path folder) throws IOException {
    Path dir = folder.resolve("db");
    String port = TestDatabase.run("start", dir);
    try {
      var source =
          new DriverManagerDataSource(
              "jdbc:mariadb://127.0.0.1:" + port + "/craftmap",
              "craftmap",
              Files.readString(dir.resolve("password")).strip());
      Flyway.configure().dataSource(source).target("8").load().migrate();
      JdbcTemplate old = new JdbcTemplate(source);
      old.update("insert into studio (id, name, tape_division) values ('s', 'Attic', 'MM_1')");
      old.update(
          "insert into medium (id, studio_id, name, generic, label, packs, role, colour, changed_at)"
              + " values ('m', 's', 'Blue', 'chalky-paint', '{}', '[]', 'PAINT', '#336699', now(6))");
      for (String pot : List.of("dear", "unknown")) {
        old.update(
            "insert into holding (id, studio_id, number, medium_id, form, unit, holds, hand, place,"
                + " price_minor, currency, made_at)"
                + " values (?, 's', ?, 'm', 'POT', 'ML', 500, 'NONE', '', ?, ?, now(6))",
            pot,
            pot.length(),
            pot.equals("dear") ? 1795 : null,
            pot.equals("dear") ? "EUR" : null);
        old.update(
            "insert into ledger_entry (studio_id, holding_id, kind, quantity, note, made_by, made_at)"
                + " values ('s', ?, 'BOUGHT', 118, '', '', now(6)),"
                + " ('s', ?, 'USED', -40.125, '', '', now(6)),"
                + " ('s', ?, 'BOUGHT', 60, '', '', now(6))",
            pot,
            pot,
            pot);
      }
      Flyway.configure().dataSource(source).load().migrate();
      assertThat(
              old.queryForList(
                  "select concat(holding_id, ' ', quantity, ' ', price_minor, ' ', currency)"
                      + " from ledger_entry where price_minor is not null",
                  String.class))
          .containsExactly("dear 118.000 1795 EUR");
    } finally {
      TestDatabase.run("stop", dir);
    }
  }

  /** As a studio stands that was founded while the third migration still read otherwise. */
  @Test
  void aDatabaseThatRanTheThirdMigrationAsItWasIsOpened() {
    String noted = "update flyway_schema_history set checksum = ? where version = '3'";
    int now =
        database.queryForObject(
            "select checksum from flyway_schema_history where version = '3'", Integer.class);
    try {
      database.update(noted, -956221694);
      migrations.migrate(flyway);
      assertThat(flyway.validateWithResult().validationSuccessful).isTrue();
      // whatever else was changed in a migration that was run is refused as before
      database.update(noted, 12345);
      assertThatExceptionOfType(FlywayException.class).isThrownBy(() -> migrations.migrate(flyway));
    } finally {
      database.update(noted, now);
    }
  }

  @Test
  void aDesignThatCameAlongIsMeasuredAtTheNextStart() {
    String studio = studios.first().id();
    database.update(
        "insert into artwork values ('art-old', ?, 'SVG', ?, 'image/svg+xml', 0, 0, true, now(6))",
        studio,
        SVG.getBytes());
    database.update(
        "insert into design (id, studio_id, kind, name, motif, note, rights, properties, motifs,"
            + " artwork_id, sheet_width_mm, sheet_height_mm, print_width_mm, print_height_mm,"
            + " colours, shade, shelf_order, changed_at) values ('old', ?, 'STENCIL', 'Old star',"
            + " 'star', '', 'MAY_BE_SOLD', '{\"numbers\":{},\"choices\":{}}', '[]', 'art-old',"
            + " 0, 0, 0, 0, '', '#1E5A63', 0, now(6))",
        studio);
    designs.measureUnmeasured(studio);
    JsonNode design = get("/api/designs/old").body();
    assertThat(design.at("/reading/sheetWidthMm").asDouble()).isEqualTo(120);
    assertThat(get("/api/shelf?words=old%20star").body().path(0).path("widthMm").asDouble())
        .isEqualTo(120);
    designs.takeAway(studio, "old");
  }
}
