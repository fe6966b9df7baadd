package glanzen.app.rig;

import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Puts what was believed of each press with each platform together into one belief of all things. */
@Component
class PuttingTogether implements JavaMigration {

    private static final JsonMapper JSON = JsonMapper.shared();

    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("20");
    }

    @Override
    public String getDescription() {
        return "one belief";
    }

    @Override
    public Integer getChecksum() {
        return 1;
    }

    @Override
    public boolean canExecuteInTransaction() {
        return true;
    }

    @Override
    public void migrate(Context context) {
        JdbcTemplate tables = new JdbcTemplate(new SingleConnectionDataSource(context.getConnection(), true));
        List<JsonNode> before = new ArrayList<>();
        tables.query(
                "select b.machine_id, b.platform_id, b.pulls, b.weights, c.rigs from belief b join crowd c on c.id = b.crowd_id",
                row -> {
                    ObjectNode crowd = (ObjectNode) JSON.readTree(row.getString("rigs"));
                    weigh((ArrayNode) crowd.path("rigs"), row.getString("weights"));
                    ObjectNode belief = JSON.createObjectNode();
                    belief.put("machineId", row.getString("machine_id"))
                            .put("platformId", row.getString("platform_id"))
                            .put("pulls", row.getInt("pulls"));
                    belief.set("crowd", crowd);
                    before.add(belief);
                });
        tables.execute("drop table belief");
        tables.execute("drop table crowd");
        tables.execute("create table belief (id varchar(140) primary key, stamp varchar(40) not null,"
                + " believed clob not null, version bigint not null)");
        if (!before.isEmpty()) {
            tables.update(
                    "insert into belief (id, stamp, believed, version) values (?, ?, ?, 0)",
                    BeliefEntity.ID,
                    "as it was",
                    JSON.writeValueAsString(OldBeliefs.together(before)));
        }
    }

    /** Rigs whose weights are written apart have those. */
    private static void weigh(ArrayNode rigs, String weights) {
        if (!weights.isEmpty()) {
            JsonNode each = JSON.readTree(weights);
            for (int i = 0; i < rigs.size(); i++) {
                ((ObjectNode) rigs.get(i)).set("weight", each.get(i));
            }
        }
    }
}
