package vantbreeze.server.web;

import jakarta.servlet.ServletException;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;

/** Whoever sent a request, as far as its connection tells. */
final class Asker {

    private final org.apache.coyote.Request connection;

    private Asker(org.apache.coyote.Request connection) {
        this.connection = connection;
    }

    /**
     * Looks whether more can be read, without waiting. Where the other end has closed it, that is so each time it is looked at;
     * what comes early of a next request is so once and then lies ready. The body must have been read, and only the thread
     * that answers may ask.
     */
    boolean hasGone() {
        return canRead() && canRead();
    }

    private boolean canRead() {
        connection.action(ActionCode.AVAILABLE, Boolean.TRUE);
        return connection.getAvailable() > 0;
    }

    /** Notes on each request who sent it. */
    static final class Noted extends ValveBase {

        Noted() {
            super(true);
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            request.setAttribute(Asker.class.getName(), new Asker(request.getCoyoteRequest()));
            getNext().invoke(request, response);
        }
    }
}
