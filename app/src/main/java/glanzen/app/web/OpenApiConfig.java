package glanzen.app.web;

import com.fasterxml.jackson.databind.JavaType;
import glanzen.measure.BadInput;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.lang.reflect.RecordComponent;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.util.StringUtils;

/** Makes the OpenAPI document exact, so that the types generated from it are. */
@Configuration
class OpenApiConfig {

    /**
     * The body of every error.
     *
     * @param title what happened, in short
     * @param status HTTP status
     * @param detail what happened, in a sentence
     * @param errors where it happened and what would be accepted
     */
    record ProblemBody(
            String title,
            int status,
            String detail,
            @Nullable List<BadInput.Problem> errors) {}

    @Bean
    ModelConverter exactRecords() {
        return new ExactRecords();
    }

    /** An operation is called by its room and what it does, such as {@code setUpChange}. */
    @Bean
    OperationCustomizer readableIds() {
        return (operation, handler) -> operation.operationId(
                StringUtils.uncapitalize(handler.getBeanType().getSimpleName().replace("Controller", ""))
                        + StringUtils.capitalize(handler.getMethod().getName()));
    }

    @Bean
    OpenApiCustomizer problemResponses() {
        return api -> {
            api.info(new Info().title("Glanzen").version("1"));
            api.servers(List.of());
            ModelConverters.getInstance()
                    .readAll(ProblemBody.class)
                    .forEach((name, schema) -> api.getComponents()
                            .addSchemas(
                                    name,
                                    exact(
                                            schema,
                                            name.equals("ProblemBody") ? ProblemBody.class : BadInput.Problem.class)));
            ApiResponse response = new ApiResponse()
                    .description("What is wrong, where, and what would be accepted")
                    .content(new Content()
                            .addMediaType(
                                    "application/problem+json",
                                    new MediaType().schema(new Schema<>().$ref("#/components/schemas/ProblemBody"))));
            api.getPaths()
                    .values()
                    .forEach(path -> path.readOperations()
                            .forEach(operation -> operation.getResponses().addApiResponse("default", response)));
        };
    }

    private static Schema<?> exact(Schema<?> schema, Class<?> record) {
        for (RecordComponent component : record.getRecordComponents()) {
            boolean nullable = component.getAnnotatedType().isAnnotationPresent(Nullable.class);
            boolean there =
                    schema.getProperties() != null && schema.getProperties().containsKey(component.getName());
            boolean known = schema.getRequired() != null && schema.getRequired().contains(component.getName());
            if (!nullable && there && !known) {
                schema.addRequiredItem(component.getName());
            }
        }
        return schema;
    }

    /** Record components are there unless they are marked {@link Nullable}. */
    private static final class ExactRecords implements ModelConverter {
        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            if (!chain.hasNext()) {
                return null;
            }
            Schema<?> resolved = chain.next().resolve(type, context, chain);
            JavaType java = Json.mapper().constructType(type.getType());
            if (resolved != null && java != null && java.getRawClass().isRecord()) {
                String ref = resolved.get$ref();
                Schema<?> model = ref == null
                        ? resolved
                        : context.getDefinedModels().get(ref.substring(ref.lastIndexOf('/') + 1));
                if (model != null) {
                    exact(model, java.getRawClass());
                }
            }
            return resolved;
        }
    }
}
