package org.dwimble.server.limit;

import jakarta.servlet.RequestDispatcher;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.dwimble.server.told.Wording;

/** What the container says of errors that never reach our own addresses, or that it met while our own were being answered. Made by the container, by this name. */
public final class SentenceReport extends ErrorReportValve {
    private final Answers answers = new Answers(new Wording());

    @Override
    protected void report(Request request, Response response, Throwable thrown) {
        if (response.getStatus() < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        try {
            for (Throwable cause = (Throwable) request.getAttribute(RequestDispatcher.ERROR_EXCEPTION); cause != null; cause = cause.getCause()) {
                if (cause instanceof BodyRefused refused) {
                    answers.give(response, refused.why(), refused.megabytes());
                    return;
                }
            }
            answers.give(response, response.getStatus());
        } catch (IOException gone) {
            container.getLogger().debug("Nobody is there to be answered", gone);
        }
    }
}
