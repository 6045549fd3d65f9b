package org.evenlobe.server.exchange;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The pages of a file that was made here as pictures, to be seen before it is sent. */
public final class PdfPicture {
  /** A page of A4 is 992 pixels wide by it. */
  private static final float DOTS_PER_INCH = 120;

  private PdfPicture() {}

  /** How many pages it has. */
  public static int pages(byte[] pdf) {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return document.getNumberOfPages();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A page as a PNG, the first being 0; none where there is no such page. */
  public static Optional<byte[]> png(byte[] pdf, int number) {
    try (PDDocument document = Loader.loadPDF(pdf);
        ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      if (number < 0 || number >= document.getNumberOfPages()) {
        return Optional.empty();
      }
      BufferedImage page =
          new PDFRenderer(document).renderImageWithDPI(number, DOTS_PER_INCH, ImageType.RGB);
      ImageIO.write(page, "png", out);
      return Optional.of(out.toByteArray());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
