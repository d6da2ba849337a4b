package vantbreeze.server.web;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the container refuses before a controller sees it is answered like every other refusal. */
@Configuration
class ContainerRefusals {

    private static final Logger LOG = LoggerFactory.getLogger(ContainerRefusals.class);

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> problems() {
        return factory -> {
            factory.addContextValves(new Asker.Noted());
            factory.addContextCustomizers(context ->
                    ((StandardHost) context.getParent()).setErrorReportValveClass(ProblemValve.class.getName()));
        };
    }

    /** For what never reaches the application. */
    public static final class ProblemValve extends ErrorReportValve {

        @Override
        protected void report(Request request, Response response, Throwable failure) {
            int status = response.getStatus();
            if (status < HttpServletResponse.SC_BAD_REQUEST
                    || response.getContentWritten() > 0
                    || !response.setErrorReported()) {
                return;
            }
            try {
                /* What the container does not know of HTTP is the request's fault, not the application's. */
                int told = failure == null && status >= HttpServletResponse.SC_INTERNAL_SERVER_ERROR
                        ? HttpServletResponse.SC_BAD_REQUEST
                        : status;
                ProblemWriter.write(response, told, ProblemWriter.usual(status));
                response.finishResponse();
            } catch (IOException | IllegalStateException gone) {
                LOG.debug("Nobody waits for the answer any more", gone);
            }
        }
    }

    /** For what the application refuses without words of its own. */
    @Controller
    static class Unworded implements ErrorController {

        @RequestMapping("/error")
        void tell(HttpServletRequest request, HttpServletResponse response) throws IOException {
            int status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer given
                    ? given
                    : HttpServletResponse.SC_NOT_FOUND;
            Object thrown = request.getAttribute(RequestDispatcher.ERROR_EXCEPTION);
            if (thrown instanceof Throwable failure && !(thrown instanceof IOException)) {
                ProblemWriter.write(response, status, Unforeseen.logged(failure));
            } else {
                ProblemWriter.write(response, status, ProblemWriter.usual(status));
            }
        }
    }
}
