package org.evenlobe.server.visit;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What is attached to a visit. */
@RestController
class VisitDocumentController {
  private final VisitDocuments documents;

  VisitDocumentController(VisitDocuments documents) {
    this.documents = documents;
  }

  /** A PDF is handed over as a file, never opened inside the app. */
  @GetMapping(
      value = "/api/households/{household}/visits/{visit}/documents/{document}",
      produces = {MediaType.IMAGE_JPEG_VALUE, MediaType.APPLICATION_PDF_VALUE})
  ResponseEntity<Resource> get(
      @PathVariable UUID household, @PathVariable UUID visit, @PathVariable UUID document) {
    VisitDocuments.Document found = documents.one(visit, document);
    ContentDisposition disposition =
        (found.mediaType().equals(MediaType.IMAGE_JPEG)
                ? ContentDisposition.inline()
                : ContentDisposition.attachment())
            .filename(found.name(), StandardCharsets.UTF_8)
            .build();
    return ResponseEntity.ok()
        .contentType(found.mediaType())
        .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
        .body(found.content());
  }

  /**
   * Attaches a picture or a PDF.
   *
   * @param name what the person calls it, 1 to 120 characters
   */
  @PutMapping(
      value = "/api/households/{household}/visits/{visit}/documents/{document}",
      consumes = {
        MediaType.IMAGE_JPEG_VALUE,
        MediaType.IMAGE_PNG_VALUE,
        MediaType.APPLICATION_PDF_VALUE
      })
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void put(
      @PathVariable UUID household,
      @PathVariable UUID visit,
      @PathVariable UUID document,
      @RequestParam String name,
      @RequestBody byte[] sent) {
    documents.put(visit, document, VisitDocuments.Document.of(name, sent));
  }

  @DeleteMapping("/api/households/{household}/visits/{visit}/documents/{document}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID household, @PathVariable UUID visit, @PathVariable UUID document) {
    documents.remove(visit, document);
  }
}
