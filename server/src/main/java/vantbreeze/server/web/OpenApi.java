package vantbreeze.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The served OpenAPI document, from which the front end's types are made. */
@Configuration
class OpenApi {

    @Bean
    OpenAPI document() {
        return new OpenAPI().info(new Info().title("Vantbreeze").version("1"));
    }

    /** Records always write all their fields: what is not marked nullable is required. Sorted, so that it diffs well. */
    @Bean
    OpenApiCustomizer everythingIsPresent() {
        return document -> {
            document.setServers(null);
            document.getComponents()
                    .setSchemas(new TreeMap<>(document.getComponents().getSchemas()));
            document.getComponents().getSchemas().values().forEach(OpenApi::requireFields);
        };
    }

    @SuppressWarnings({"rawtypes", "unchecked"})
    private static void requireFields(Schema schema) {
        Map<String, Schema> properties = schema.getProperties();
        if (properties == null) {
            return;
        }
        List<String> required = new ArrayList<>();
        properties.replaceAll((name, property) -> {
            if (!isNullable(property)) {
                required.add(name);
                return property;
            }
            return property.get$ref() == null ? property : referenceOrNull(property);
        });
        schema.setRequired(required);
    }

    private static boolean isNullable(Schema<?> property) {
        return property.getTypes() != null && property.getTypes().contains("null");
    }

    /** In OpenAPI 3.1 a reference beside a type means both at once; "or null" has to be said. */
    private static Schema<?> referenceOrNull(Schema<?> property) {
        Schema<?> reference = new Schema<>().$ref(property.get$ref());
        Schema<?> nothing = new Schema<>().types(Set.of("null"));
        return new Schema<>().anyOf(List.of(reference, nothing));
    }
}
