package craftmap.server.paper;

import craftmap.server.fields.TakenAlong;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Pages of paper, to be printed or taken along. */
public final class PaperFile {
  private PaperFile() {}

  /** Writes on the pages; further ones begin as there is no more room. */
  public interface Writing {
    void on(Page page, Fonts fonts) throws IOException;
  }

  /** Under its title, which the file is called by too. */
  public static ResponseEntity<byte[]> of(String title, Paper paper, Writing writing)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      Fonts fonts = Fonts.into(document);
      document.getDocumentInformation().setTitle(title);
      document.getDocumentInformation().setCreator("Craft Map");
      try (Page page = new Page(document, paper, fonts)) {
        writing.on(page, fonts);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return TakenAlong.file(title, "pdf", MediaType.APPLICATION_PDF, bytes.toByteArray());
    }
  }
}
