package org.evenlobe.server.exchange;

import java.time.LocalDate;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.visit.CallCard;
import org.evenlobe.core.visit.VetPage;

/** The page for the vet as a file of two pages of A4 at most. */
public final class VetPdf {
  private static final int MOST_PAGES = 2;
  private static final double LARGEST = 9.5;
  private static final double SMALLEST = 5.5;
  private static final int LONGEST_LINE = 400;
  private static final int CHART_MILLIMETRES = 168;
  private static final String STYLE =
      """
      @page { size: A4; margin: 12mm 14mm; @bottom-right { content: counter(page) ' of ' counter(pages); font-family: 'Plain'; font-size: 7pt; } }
      body { font-family: 'Plain'; line-height: 1.25; color: #1c2b2a; }
      h1 { font-size: 1.9em; margin: 0; }
      h2 { font-size: 1.1em; margin: 0.7em 0 0.1em 0; border-bottom: 0.2mm solid #8a928f; }
      p, ul { margin: 0; }
      ul { padding-left: 4mm; }
      .asked { border: 0.4mm solid #1c2b2a; padding: 1.5mm 2.5mm; margin: 2mm 0; }
      table { border-collapse: collapse; width: 100%; }
      td { vertical-align: top; padding: 0.2mm 3mm 0.2mm 0; }
      td.about { width: 27mm; font-weight: 700; }
      td.side { width: 6mm; font-weight: 700; text-align: right; padding-right: 1.5mm; vertical-align: middle; }
      img.chart { width: 168mm; border: 0.2mm solid #8a928f; }
      table.months { width: 168mm; table-layout: fixed; }
      table.months td { padding: 0; font-size: 0.82em; color: #46524f; white-space: nowrap; overflow: hidden; }
      img.photo { height: 38mm; margin-right: 1mm; }
      .small { font-size: 0.82em; color: #46524f; }
      """;

  private VetPdf() {}

  /**
   * A picture that stands on it.
   *
   * @param words what it shows, and when
   * @param base64 it as a JPEG
   */
  public record Picture(String words, String base64) {

    /** A JPEG. */
    public static Picture of(String words, byte[] jpeg) {
      return new Picture(words, Base64.getEncoder().encodeToString(jpeg));
    }
  }

  /**
   * The file; it is written smaller until it has no more than two pages.
   *
   * @param wording how its reader reads quantities
   */
  public static byte[] of(
      VetPage page, DogHistory history, List<Picture> pictures, Wording wording) {
    String chart =
        Base64.getEncoder().encodeToString(VetChart.png(history.checks(), history.today()));
    int edge = VetChart.edge(history.checks());
    byte[] file = HtmlPdf.of(html(page, history.today(), chart, edge, pictures, LARGEST), wording);
    for (double size = LARGEST - 1;
        PdfPicture.pages(file) > MOST_PAGES && size >= SMALLEST;
        size--) {
      file = HtmlPdf.of(html(page, history.today(), chart, edge, pictures, size), wording);
    }
    return file;
  }

  private static String html(
      VetPage page, LocalDate today, String chart, int edge, List<Picture> pictures, double size) {
    StringBuilder html = new StringBuilder("<html><head><title>");
    html.append(text(page.dog())).append(" for the vet</title><style>").append(STYLE);
    html.append("body { font-size: ").append(size).append("pt; }</style></head><body><h1>");
    html.append(text(page.dog())).append("</h1><p class='small'>For the vet, ");
    html.append(text(Quantities.day(page.on())));
    html.append(". Written down at home; right and left are the dog’s own.</p>");
    page.asked()
        .ifPresent(
            asked ->
                html.append("<p class='asked'><strong>What is asked:</strong> ")
                    .append(text(asked))
                    .append("</p>"));
    page.inForce().ifPresent(part -> part(html, part));
    String of = page.inForce().isPresent() ? "At its last check: " : "As it stands: ";
    page.verdict()
        .ifPresent(
            verdict ->
                html.append("<h2>").append(of).append(text(verdict.words())).append("</h2>"));
    html.append("<table>");
    for (CallCard.Point point : page.now()) {
      html.append("<tr><td class='about'>").append(text(point.about())).append("</td><td>");
      html.append(text(point.words())).append("</td></tr>");
    }
    html.append("</table><h2>Ear scores of 12 months</h2>");
    html.append("<table><tr><td class='side'>R<br/><br/>L</td><td><img class='chart' ");
    html.append("alt='Scores of both ears' src='data:image/png;base64,").append(chart);
    html.append("'/></td></tr><tr><td></td><td>");
    months(html, today);
    html.append("</td></tr></table><p class='small'>");
    html.append(
        "0 in the middle, %d at either edge; a full point was not quiet.</p>".formatted(edge));
    page.parts().forEach(part -> part(html, part));
    pictures(html, pictures);
    return html.append("</body></html>").toString();
  }

  private static void part(StringBuilder html, VetPage.Part part) {
    html.append("<h2>").append(text(part.title())).append("</h2><ul>");
    part.lines().forEach(line -> html.append("<li>").append(text(line)).append("</li>"));
    html.append("</ul>");
  }

  /** The months below the chart, each where its first day stands. */
  private static void months(StringBuilder html, LocalDate today) {
    html.append("<table class='months'><tr>");
    for (VetChart.Month month : VetChart.months(today)) {
      double width = month.share() * CHART_MILLIMETRES;
      html.append(String.format(Locale.ROOT, "<td style='width: %.1fmm'>", width));
      html.append(text(month.words())).append("</td>");
    }
    html.append("</tr></table>");
  }

  private static void pictures(StringBuilder html, List<Picture> pictures) {
    if (pictures.isEmpty()) {
      return;
    }
    html.append("<h2>Photographs</h2><table><tr>");
    for (Picture picture : pictures) {
      html.append("<td><img class='photo' alt='' src='data:image/jpeg;base64,");
      html.append(picture.base64()).append("'/><br/>").append(text(picture.words()));
      html.append("</td>");
    }
    html.append("</tr></table>");
  }

  private static String text(String said) {
    String shortened = said.length() > LONGEST_LINE ? said.substring(0, LONGEST_LINE) + "…" : said;
    return HtmlPdf.text(shortened);
  }
}
