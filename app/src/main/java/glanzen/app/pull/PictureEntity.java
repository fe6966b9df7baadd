package glanzen.app.pull;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** A photograph of a pull, as JPEG. */
@Entity
@Table(name = "picture")
class PictureEntity {

    @Id
    String pullId = "";

    @Lob
    byte[] bytes = {};
}
