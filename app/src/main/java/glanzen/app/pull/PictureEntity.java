package glanzen.app.pull;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.sql.Blob;
import java.sql.SQLException;
import org.hibernate.Hibernate;

/** A photograph of a pull, as JPEG. */
@Entity
@Table(name = "picture")
class PictureEntity {

    @Id
    String pullId = "";

    /** Read when it is asked for, at its length: a logbook has many. */
    @Lob
    Blob bytes = Hibernate.getLobHelper().createBlob(new byte[0]);

    static PictureEntity of(String pullId, byte[] photograph) {
        PictureEntity picture = new PictureEntity();
        picture.pullId = pullId;
        picture.bytes = Hibernate.getLobHelper().createBlob(photograph);
        return picture;
    }

    /** The photograph; while it is being worked with the database only. */
    byte[] read() {
        try (InputStream in = bytes.getBinaryStream()) {
            return in.readNBytes((int) bytes.length());
        } catch (SQLException | IOException gone) {
            throw new UncheckedIOException(new IOException(gone));
        }
    }
}
