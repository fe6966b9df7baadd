package glanzen.app.folder;

import com.zaxxer.hikari.HikariDataSource;
import glanzen.app.web.NotWritten;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.h2.mvstore.MVStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Marks how far the database has come and keeps its files to their owner. */
@Component
public class FolderKeeper implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(FolderKeeper.class);

    private static final int FILLED = 50;
    private static final int AT_ONCE = 16 << 20;

    private final Path folder;
    private final DataSource database;
    private long marked;

    FolderKeeper(@Value("${glanzen.data}") String folder, DataSource database) {
        this.folder = Path.of(folder).toAbsolutePath().normalize();
        this.database = database;
    }

    /** The folder. */
    public Path folder() {
        return folder;
    }

    /** An empty file for what is only passing through; whoever asks deletes it, and if that is cut short the next start does. */
    public Path passing(String ending) throws IOException {
        return DataFolder.passing(folder, ending);
    }

    /** A sentence on what was set aside at the start since it was damaged; empty if nothing was. */
    public String setAside() {
        return DatabaseCheck.note(folder);
    }

    /** What was set aside is made good, or not missed. */
    public void madeGood() throws IOException {
        DatabaseCheck.forgetNote(folder);
    }

    /** Only its owner reads what is in the folder. */
    @EventListener(ApplicationReadyEvent.class)
    public void keepToOneself() {
        DataFolder.keepToOneself(folder);
    }

    @Scheduled(fixedDelay = 1000)
    void mark() {
        try (Connection connection = database.getConnection()) {
            long version = store(connection).getCurrentVersion();
            if (version != marked) {
                DatabaseCheck.mark(folder, version);
                marked = version;
            }
        } catch (SQLException | IOException full) {
            LOG.debug("not marked: {}", full.toString());
        }
    }

    /** Where much of the file is no longer needed, what is needed moves together a little at a time, and the file becomes shorter. */
    @Scheduled(fixedDelay = 10_000)
    void moveTogether() {
        try (Connection connection = database.getConnection()) {
            long s = System.nanoTime();
            int f = store(connection).getFillRate();
            boolean did = store(connection).compact(FILLED, AT_ONCE);
            LOG.info(
                    "compact {} {} {} ms, size {}",
                    f,
                    did,
                    (System.nanoTime() - s) / 1000000,
                    store(connection).getFileStore().size());
        } catch (SQLException busy) {
            LOG.debug("not moved together: {}", busy.toString());
        }
    }

    private static MVStore store(Connection connection) throws SQLException {
        SessionLocal session =
                (SessionLocal) connection.unwrap(JdbcConnection.class).getSession();
        return session.getDatabase().getStore().getMvStore();
    }

    /** A database that could not write closes itself; once nobody holds on to it, it is opened anew and all is there again. */
    @EventListener
    void openAgain(NotWritten since) {
        LOG.warn("the database is opened again: {}", since.why());
        if (database instanceof HikariDataSource pool && pool.getHikariPoolMXBean() != null) {
            pool.getHikariPoolMXBean().softEvictConnections();
        }
    }

    @Override
    public void destroy() {
        DataFolder.letGo(folder);
    }
}
