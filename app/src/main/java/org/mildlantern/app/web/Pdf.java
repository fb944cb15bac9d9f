package org.mildlantern.app.web;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Writes a template as PDF, with the fonts that every reader has. */
@Component
public class Pdf {
  private final ITemplateEngine templates;

  Pdf(ITemplateEngine templates) {
    this.templates = templates;
  }

  /**
   * The bytes of the document.
   *
   * @param template of a page that is well-formed XML
   */
  public byte[] of(String template, Map<String, Object> variables) {
    Context context = new Context(Locale.ENGLISH, variables);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (BatikSVGDrawer drawings = new BatikSVGDrawer()) {
      new PdfRendererBuilder()
          .useSVGDrawer(drawings)
          .withHtmlContent(templates.process(template, context), null)
          .toStream(out)
          .run();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  /** The answer that shows a document in the browser, with the name under which it is saved. */
  public static ResponseEntity<byte[]> shown(String name, byte[] pdf) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline().filename(name + ".pdf").build().toString())
        .body(pdf);
  }

  /** A JPEG as the source of an image in the document. */
  public static String source(byte[] jpeg) {
    return "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(jpeg);
  }
}
