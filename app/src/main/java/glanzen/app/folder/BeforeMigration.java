package glanzen.app.folder;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/** Copies the database as it is before a newer Glanzen changes its tables. */
@Component
class BeforeMigration implements FlywayMigrationStrategy {

    private final Path backups;
    private final DataSource database;

    BeforeMigration(@Value("${glanzen.data}") String folder, DataSource database) {
        this.backups = Path.of(folder).toAbsolutePath().normalize().resolve("backups");
        this.database = database;
    }

    @Override
    public void migrate(Flyway flyway) {
        MigrationInfo current = flyway.info().current();
        if (current != null && flyway.info().pending().length > 0) {
            copy("database-" + current.getVersion() + ".zip");
        }
        flyway.migrate();
    }

    private void copy(String name) {
        try (Connection connection = database.getConnection();
                Statement backup = connection.createStatement()) {
            Files.createDirectories(backups);
            String file = backups.resolve(name).toString().replace("'", "''");
            backup.execute("backup to '" + file + "'");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        } catch (SQLException refused) {
            throw new StartTrouble(
                    "The database cannot be copied before it is brought up to date.", "Make room and start again.");
        }
    }
}
