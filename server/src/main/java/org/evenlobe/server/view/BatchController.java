package org.evenlobe.server.view;

import jakarta.validation.Valid;
import java.util.UUID;
import org.evenlobe.core.suit.BatchLabel;
import org.evenlobe.server.access.Needs;
import org.evenlobe.server.access.ReadAs;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.exchange.LabelPdf;
import org.evenlobe.server.solution.MixRequest;
import org.evenlobe.server.view.BatchView.MakingPreview;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How a mix is made, and what its label says. */
@RestController
class BatchController {
  private final BatchView batches;

  BatchController(BatchView batches) {
    this.batches = batches;
  }

  /** How such a mix would be made, how much of it is needed, and what it costs. */
  @Needs(Role.VIEWER)
  @PostMapping("/api/households/{household}/previews/making")
  MakingPreview making(@PathVariable UUID household, @Valid @RequestBody MixRequest said) {
    return batches.making(said);
  }

  @GetMapping("/api/households/{household}/batches/{supply}/label")
  BatchLabel label(@PathVariable UUID household, @PathVariable UUID supply) {
    return batches.label(supply);
  }

  /** The same to be printed and put on the bottle. */
  @GetMapping(
      value = "/api/households/{household}/batches/{supply}/label.pdf",
      produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> print(@PathVariable UUID household, @PathVariable UUID supply) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"label.pdf\"")
        .body(LabelPdf.of(batches.label(supply), ReadAs.get()));
  }
}
