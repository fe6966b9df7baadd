package glanzen.app.archive;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.classmate.ResolvedType;
import com.github.victools.jsonschema.generator.FieldScope;
import com.github.victools.jsonschema.generator.Option;
import com.github.victools.jsonschema.generator.OptionPreset;
import com.github.victools.jsonschema.generator.SchemaGenerator;
import com.github.victools.jsonschema.generator.SchemaGeneratorConfigBuilder;
import com.github.victools.jsonschema.generator.SchemaVersion;
import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import glanzen.app.Caller;
import glanzen.app.Server;
import glanzen.app.Zips;
import glanzen.app.setup.KeptSnapshot;
import glanzen.app.setup.Snapshot;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The workshop file and its JSON Schema say the same. By the schema it is known, too, whether what is kept is to be written anew. */
@ExtendWith(Server.class)
class FileSchemaTest {

    private static final Path KEPT = Path.of("src/main/resources/glanzen/workshop-file.schema.json");

    private final Caller caller;

    FileSchemaTest(Caller caller) {
        this.caller = caller;
    }

    private static boolean nullable(FieldScope field) {
        return field.getRawMember().getAnnotatedType().isAnnotationPresent(Nullable.class);
    }

    private static @Nullable List<ResolvedType> asItIsWritten(FieldScope field) {
        return field.getType().getErasedType() == KeptSnapshot.class
                ? List.of(field.getContext().resolve(Snapshot.class))
                : null;
    }

    private static String written() {
        SchemaGeneratorConfigBuilder config = new SchemaGeneratorConfigBuilder(
                        SchemaVersion.DRAFT_2020_12, OptionPreset.PLAIN_JSON)
                .with(Option.DEFINITIONS_FOR_ALL_OBJECTS, Option.EXTRA_OPEN_API_FORMAT_VALUES)
                .without(Option.SCHEMA_VERSION_INDICATOR);
        config.forFields()
                .withRequiredCheck(field -> !nullable(field))
                .withNullableCheck(FileSchemaTest::nullable)
                .withTargetTypeOverridesResolver(FileSchemaTest::asItIsWritten);
        return new SchemaGenerator(config.build())
                        .generateSchema(WorkshopFile.class)
                        .toPrettyString() + "\n";
    }

    /** Run with {@code -Dschema.write=true} to write it anew after a change. */
    @Test
    void theSchemaBesideTheDocumentIsThatOfWhatIsWritten() throws IOException {
        String written = written();
        if (Boolean.getBoolean("schema.write")) {
            Files.writeString(KEPT, written);
        }
        assertEquals(Files.readString(KEPT), written, "out of date: see above");
    }

    @Test
    void anExportHoldsToItAndWhatIsBentDoesNot() throws IOException {
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(KEPT), InputFormat.JSON);
        String file = Zips.document(caller.get("/api/workshop").bytes());
        List<Error> wrong = schema.validate(file, InputFormat.JSON);
        assertTrue(wrong.isEmpty(), () -> wrong.stream().limit(5).toList().toString());
        for (String[] bent : new String[][] {
            {"\"thicknessMm\":3.0", "\"thicknessMm\":\"thick\""},
            {"\"route\":\"HOT_PLATE\"", "\"route\":\"BY_MAGIC\""},
            {"\"format\":\"glanzen-workshop\",", ""}
        }) {
            String broken = file.replaceFirst(bent[0], bent[1]);
            assertFalse(broken.equals(file), bent[0]);
            assertFalse(schema.validate(broken, InputFormat.JSON).isEmpty(), bent[1]);
        }
    }
}
