package org.evenlobe.server.exchange;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import java.util.regex.Pattern;
import org.evenlobe.core.measure.Wording;
import org.springframework.web.util.HtmlUtils;

/** Writes a page of HTML as a PDF, with fonts that ship with the product by the name "Plain". */
final class HtmlPdf {
  private static final int BOLD = 700;
  private static final int PLAIN = 400;
  private static final Pattern CONTROL = Pattern.compile("[\\p{Cntrl}\\uFFFE\\uFFFF&&[^\\n\\t]]");

  private HtmlPdf() {}

  /**
   * The file.
   *
   * @param wording how its reader reads quantities
   */
  static byte[] of(String html, Wording wording) {
    try (ByteArrayOutputStream file = new ByteArrayOutputStream()) {
      PdfRendererBuilder builder = new PdfRendererBuilder();
      builder.useFont(() -> font("Regular"), "Plain", PLAIN, FontStyle.NORMAL, true);
      builder.useFont(() -> font("Bold"), "Plain", BOLD, FontStyle.NORMAL, true);
      builder.withHtmlContent(wording.of(html), null);
      builder.toStream(file);
      builder.run();
      return file.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static InputStream font(String weight) {
    return Objects.requireNonNull(
        HtmlPdf.class.getResourceAsStream("/liberation/LiberationSans-" + weight + ".ttf"));
  }

  /** What somebody said, as text of a page. */
  static String text(String said) {
    // XML takes no control characters but these
    return HtmlUtils.htmlEscapeDecimal(CONTROL.matcher(said).replaceAll(" "));
  }
}
