package glanzen.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** What is written to us in letters is short; files come as uploads, with bounds of their own. */
@Component
class SmallBodies extends OncePerRequestFilter {

    /** A plate with the largest outline there can be, and then some, bytes. */
    static final long MOST_BYTES = 2L * 1024 * 1024;

    static final String SAYS = "A request may be up to 2 MB long.";

    /** A body was longer than anything that is asked for. */
    static final class TooLong extends IOException {
        private static final long serialVersionUID = 1;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null && (type.startsWith("multipart/") || type.equals("application/zip"));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getContentLengthLong() > MOST_BYTES) {
            Refusal.write(response, HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE, "Too large", SAYS);
        } else {
            chain.doFilter(new Counted(request), response);
        }
    }

    private static final class Counted extends HttpServletRequestWrapper {

        Counted(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream());
        }

        @Override
        public BufferedReader getReader() throws IOException {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }

    private static final class CountedStream extends ServletInputStream {
        private final ServletInputStream body;
        private long read;

        CountedStream(ServletInputStream body) {
            this.body = body;
        }

        private int counted(int bytes) throws TooLong {
            read += Math.max(0, bytes);
            if (read > MOST_BYTES) {
                throw new TooLong();
            }
            return bytes;
        }

        @Override
        public int read() throws IOException {
            int next = body.read();
            counted(next < 0 ? 0 : 1);
            return next;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            return counted(body.read(into, from, length));
        }

        @Override
        public boolean isFinished() {
            return body.isFinished();
        }

        @Override
        public boolean isReady() {
            return body.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            body.setReadListener(listener);
        }
    }
}
