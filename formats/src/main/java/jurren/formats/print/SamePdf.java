package jurren.formats.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;

/** A PDF as bytes, the same for the same content: by itself the library puts the time into a document's id. */
public final class SamePdf {
    private static final long ID = 1;

    private SamePdf() {}

    public static byte[] bytes(PDDocument document) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        document.setDocumentId(ID);
        document.save(out);
        return out.toByteArray();
    }
}
