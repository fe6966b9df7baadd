package glanzen.app.keeping;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import org.flywaydb.core.api.migration.Context;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What is kept is brought into the present format, and nothing is lost by it. */
class PresentWritingTest {

    record Roll(String film, double leftCm2) {}

    record Shelf(String name, List<Roll> rolls) {}

    /** Rolls whose foil was once a colour. */
    private static final class OldRolls implements OldWriting {
        @Override
        public Class<?> type() {
            return Roll.class;
        }

        @Override
        public List<Place> places() {
            return List.of(new Place("shelf", "body", Shelf.class));
        }

        @Override
        public void upgrade(ObjectNode kept) {
            if (kept.has("colour")) {
                kept.set("film", kept.remove("colour"));
            }
        }
    }

    private Connection connection;
    private JdbcTemplate tables;

    @BeforeEach
    void begin() throws SQLException {
        connection = DriverManager.getConnection("jdbc:h2:mem:");
        tables = new JdbcTemplate(new SingleConnectionDataSource(connection, true));
        tables.execute("create table shelf (id varchar primary key, body varchar, version bigint)");
    }

    @AfterEach
    void end() throws SQLException {
        connection.close();
    }

    private void keep(String id, String body) {
        tables.update("insert into shelf values (?, ?, 3)", id, body);
    }

    private String kept(String id) {
        return tables.queryForObject("select body from shelf where id = ? and version = 3", String.class, id);
    }

    private void migrate() {
        List<OldWriting> old = List.of(new OldRolls());
        Context context = mock(Context.class);
        when(context.getConnection()).thenReturn(connection);
        new PresentWriting(new Json(JsonMapper.builder().build(), old), old).migrate(context);
    }

    @Test
    void whatWasWrittenBeforeIsWrittenAsItIsNow() {
        String now = "{\"name\":\"top\",\"rolls\":[{\"film\":\"gold\",\"leftCm2\":40.0}]}";
        keep("old", "{\"name\": \"top\", \"rolls\": [{\"leftCm2\": 40, \"colour\": \"gold\"}]}");
        keep("now", now);
        migrate();
        assertEquals(now, kept("old"));
        assertEquals(now, kept("now"));
    }

    @Test
    void figuresThatWereNotKnownOfThenAreNought() {
        keep("early", "{\"name\":\"top\",\"rolls\":[{\"film\":\"gold\"}]}");
        migrate();
        assertEquals("{\"name\":\"top\",\"rolls\":[{\"film\":\"gold\",\"leftCm2\":0.0}]}", kept("early"));
    }

    @Test
    void whatCannotBeReadStaysAndTheOthersAreWrittenAllTheSame() {
        keep("broken", "{\"name\":");
        keep("odd", "{\"name\":\"low\",\"rolls\":7}");
        keep("old", "{\"name\":\"top\",\"rolls\":[{\"colour\":\"gold\",\"leftCm2\":1}]}");
        migrate();
        assertEquals("{\"name\":", kept("broken"));
        assertEquals("{\"name\":\"low\",\"rolls\":7}", kept("odd"));
        assertEquals("{\"name\":\"top\",\"rolls\":[{\"film\":\"gold\",\"leftCm2\":1.0}]}", kept("old"));
    }
}
