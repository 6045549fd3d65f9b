package org.evenlobe.server.view;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.stock.StockOutlook;
import org.evenlobe.server.exchange.CsvText;
import org.evenlobe.server.view.CompareView.ComparedBottle;
import org.evenlobe.server.view.StockView.Stock;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is in the house, and what to buy. */
@RestController
class StockController {
  private final StockView stock;
  private final CompareView bottles;

  StockController(StockView stock, CompareView bottles) {
    this.stock = stock;
    this.bottles = bottles;
  }

  @GetMapping("/api/households/{household}/stock")
  Stock stock(@PathVariable UUID household) {
    return stock.stock();
  }

  /**
   * Bottles and packs side by side.
   *
   * @param supply which
   */
  @GetMapping("/api/households/{household}/stock/compared")
  List<ComparedBottle> compared(@PathVariable UUID household, @RequestParam Set<UUID> supply) {
    return bottles.compared(supply);
  }

  /** The same as a list to shop by, one line a product of which something is missing. */
  @GetMapping(
      value = "/api/households/{household}/stock/shopping-list.csv",
      produces = "text/csv;charset=UTF-8")
  ResponseEntity<String> shoppingList(@PathVariable UUID household) {
    Stock now = stock.stock();
    StringBuilder csv = new StringBuilder();
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader(
                "what", "product", "buy", "unit", "left", "needed", "runs_out_on", "for_plan_until")
            .get();
    try (CSVPrinter printer = new CSVPrinter(csv, format)) {
      for (StockOutlook kind : now.kinds()) {
        if (kind.buy() > 0) {
          print(printer, kind, now.today().plusDays(PlanItem.HORIZON_DAYS));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"shopping-list.csv\"")
        .body(csv.toString());
  }

  private static void print(CSVPrinter printer, StockOutlook kind, LocalDate until)
      throws IOException {
    printer.printRecord(
        kind.kind().name(),
        CsvText.safe(kind.product().orElse("")),
        Math.round(Math.ceil(kind.buy())),
        kind.kind().unit(),
        Math.round(kind.left()),
        Math.round(kind.needed()),
        kind.runsOutOn().map(LocalDate::toString).orElse(""),
        until);
  }
}
