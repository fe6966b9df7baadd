package glanzen.app.web;

import java.io.IOException;
import java.io.Writer;
import org.apache.catalina.Container;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;

/** What the server itself refuses, before any of our own code is reached, is said in our form too and names no program. */
@Configuration
class PlainErrors implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            Container host = context.getParent();
            if (host instanceof StandardHost standard) {
                standard.setErrorReportValveClass(Plain.class.getName());
            }
        });
    }

    /** Made by the server by its name. */
    public static final class Plain extends ErrorReportValve {

        @Override
        protected void report(Request request, Response response, Throwable broken) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                Writer writer = response.getReporter();
                if (writer != null) {
                    writer.write(Refusal.json(status, "Refused", "The request is not as expected."));
                    response.finishResponse();
                }
            } catch (IOException | IllegalStateException gone) {
                // Nobody is there to read it.
            }
        }
    }
}
