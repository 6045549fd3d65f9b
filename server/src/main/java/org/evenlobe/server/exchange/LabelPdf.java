package org.evenlobe.server.exchange;

import static org.evenlobe.server.exchange.HtmlPdf.text;

import java.util.List;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.suit.BatchLabel;

/** The label of a batch as a page of A6. */
public final class LabelPdf {
  private static final String STYLE =
      """
      @page { size: 105mm 148mm; margin: 6mm; }
      body { font-family: 'Plain'; font-size: 8.5pt; line-height: 1.25; color: #1c2b2a; }
      h1 { font-size: 15pt; margin: 0 0 1mm 0; }
      h2 { font-size: 8.5pt; margin: 2mm 0 0 0; }
      p, ul { margin: 0; }
      ul { padding-left: 4mm; }
      .until { font-size: 12pt; font-weight: 700; border: 0.5mm solid #1c2b2a; padding: 1mm 2mm; margin: 1mm 0; }
      .danger { border-top: 0.4mm solid #1c2b2a; margin-top: 2mm; padding-top: 1mm; }
      """;

  private LabelPdf() {}

  /**
   * The file.
   *
   * @param wording how its reader reads quantities
   */
  public static byte[] of(BatchLabel label, Wording wording) {
    return HtmlPdf.of(page(label), wording);
  }

  private static String page(BatchLabel label) {
    StringBuilder page = new StringBuilder("<html><head><title>");
    page.append(text(label.name())).append("</title><style>").append(STYLE).append("</style>");
    page.append("</head><body><h1>").append(text(label.name())).append("</h1>");
    page.append("<p class='until'>Use by ")
        .append(text(Quantities.day(label.useBy())))
        .append("</p><p>Made ")
        .append(text(Quantities.day(label.madeOn())))
        .append(", mixed at home, for dogs’ ears</p>");
    list(page, "In it", label.contents());
    list(page, "How strong", label.strengths());
    list(page, "For", label.forWhom());
    list(page, "Careful", label.cautions());
    list(page, "Boric acid in all of it, if drunk", label.boric());
    page.append("<p class='danger'><strong>")
        .append(text(label.ifDrunk()))
        .append("</strong></p></body></html>");
    return page.toString();
  }

  private static void list(StringBuilder page, String title, List<String> lines) {
    if (lines.isEmpty()) {
      return;
    }
    page.append("<h2>").append(text(title)).append("</h2><ul>");
    lines.forEach(line -> page.append("<li>").append(text(line)).append("</li>"));
    page.append("</ul>");
  }
}
