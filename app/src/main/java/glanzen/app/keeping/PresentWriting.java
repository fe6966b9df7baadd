package glanzen.app.keeping;

import glanzen.app.keeping.OldWriting.Place;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.zip.CRC32;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;
import org.springframework.util.StreamUtils;
import tools.jackson.core.JacksonException;

/**
 * Brings what is kept as JSON into the present format, once after the format has changed: from then on it need not be asked of each text how
 * it was written, and it can be handed on as it is.
 */
@Component
class PresentWriting implements JavaMigration {

    private static final Logger LOG = LoggerFactory.getLogger(PresentWriting.class);

    /** Says of everything that is kept what it looks like: it changes when the format does. */
    private static final String FORMAT = "/glanzen/workshop-file.schema.json";

    private final Json json;
    private final List<OldWriting> old;

    PresentWriting(Json json, List<OldWriting> old) {
        this.json = json;
        this.old = old;
    }

    /** None: it is done again whenever its sum is another. */
    @Override
    public @Nullable MigrationVersion getVersion() {
        return null;
    }

    @Override
    public String getDescription() {
        return "present writing";
    }

    @Override
    public Integer getChecksum() {
        try (InputStream format = PresentWriting.class.getResourceAsStream(FORMAT)) {
            CRC32 sum = new CRC32();
            sum.update(StreamUtils.copyToByteArray(format));
            return (int) sum.getValue();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    @Override
    public boolean canExecuteInTransaction() {
        return true;
    }

    @Override
    public void migrate(Context context) {
        JdbcTemplate tables = new JdbcTemplate(new SingleConnectionDataSource(context.getConnection(), true));
        old.stream().flatMap(writing -> writing.places().stream()).forEach(place -> rewrite(place, tables));
    }

    private void rewrite(Place place, JdbcTemplate tables) {
        String reading = "select %s from %s where id = ?".formatted(place.column(), place.table());
        String writing = "update %s set %s = ? where id = ?".formatted(place.table(), place.column());
        for (String id : tables.queryForList("select id from " + place.table(), String.class)) {
            String kept = tables.queryForObject(reading, String.class, id);
            String anew = anew(kept, place, id);
            if (!anew.equals(kept)) {
                tables.update(writing, anew, id);
            }
        }
    }

    /** What cannot be read stays as it is: it is not made better by not starting. */
    private String anew(String kept, Place place, String id) {
        try {
            return json.anew(kept, place.type());
        } catch (JacksonException unread) {
            LOG.warn(
                    "The {} of {} {} is in a format that is not known here; it stays as it is.",
                    place.column(),
                    place.table(),
                    id);
            return kept;
        }
    }
}
