package glanzen.app;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** Workshop files, opened and made by hand. */
public final class Zips {

    private Zips() {}

    /** The document in a workshop file. */
    public static String document(byte[] workshop) {
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(workshop))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                if (e.getName().equals("workshop.json")) {
                    return new String(in.readAllBytes(), StandardCharsets.UTF_8);
                }
            }
        } catch (IOException unread) {
            throw new UncheckedIOException(unread);
        }
        throw new AssertionError("no workshop.json");
    }

    /** A file with one entry. */
    public static byte[] of(String name, byte[] content) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(content);
            zip.closeEntry();
        } catch (IOException unwritten) {
            throw new UncheckedIOException(unwritten);
        }
        return out.toByteArray();
    }

    /** A workshop file of a document, without pictures. */
    public static byte[] workshop(String document) {
        return of("workshop.json", document.getBytes(StandardCharsets.UTF_8));
    }
}
