package vantbreeze.server.plan;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.stereotype.Component;
import vantbreeze.operation.Operation;

/** The served document names every kind of work there is, so that the page has an answer for each. */
@Component
class OperationKinds implements OpenApiCustomizer {

    @Override
    @SuppressWarnings({"unchecked", "rawtypes"})
    public void customise(OpenAPI document) {
        Schema task = document.getComponents().getSchemas().get("Task");
        Schema<String> kind = (Schema<String>) task.getProperties().get("kind");
        kind.setEnum(Operation.kinds());
    }
}
