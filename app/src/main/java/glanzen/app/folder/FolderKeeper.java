package glanzen.app.folder;

import com.zaxxer.hikari.HikariDataSource;
import glanzen.app.web.NotWritten;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
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

    /**
     * Writes into a file that is only passing through. It is not emptied first, as it is empty: some file systems bring what was
     * emptied to the disk at its end, and that takes as long as writing it.
     */
    public static OutputStream into(Path passing) throws IOException {
        return Files.newOutputStream(passing, StandardOpenOption.WRITE);
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
            SessionLocal session =
                    (SessionLocal) connection.unwrap(JdbcConnection.class).getSession();
            MVStore store = session.getDatabase().getStore().getMvStore();
            long version = store.getCurrentVersion();
            if (version != marked) {
                DatabaseCheck.mark(folder, version);
                marked = version;
            }
        } catch (SQLException | IOException full) {
            LOG.debug("not marked: {}", full.toString());
        }
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
