package org.evenlobe.server.exchange;

import java.util.UUID;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.exchange.LogTables.LogAnswer;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Logs out and in as tables: what would be added is shown first, and all of it is, or nothing. */
@RestController
@RequestMapping("/api/households/{household}")
class LogTableController {
  private static final String CSV = "text/csv";

  private final LogTables tables;
  private final TableTurns turns;

  LogTableController(LogTables tables, TableTurns turns) {
    this.tables = tables;
    this.turns = turns;
  }

  @GetMapping(value = "/logs/{log}.csv", produces = CSV + ";charset=UTF-8")
  @Transactional(readOnly = true)
  public ResponseEntity<String> table(@PathVariable UUID household, @PathVariable String log) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"%s.csv\"".formatted(log))
        .body(tables.write(log));
  }

  /** What would be added; stores nothing. */
  @PostMapping(value = "/previews/logs/{log}", consumes = CSV)
  @Needs(Role.VIEWER)
  public LogAnswer preview(
      @PathVariable UUID household, @PathVariable String log, @RequestBody String csv) {
    return turns.inTurn(() -> tables.preview(log, csv));
  }

  /** Adds what is not there yet; nothing, where a line is wrong. */
  @PostMapping(value = "/logs/{log}", consumes = CSV)
  public LogAnswer add(
      @PathVariable UUID household, @PathVariable String log, @RequestBody String csv) {
    return turns.inTurn(() -> tables.add(log, csv));
  }
}
