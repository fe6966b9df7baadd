package glanzen.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Talks to the application as the page does: JSON, a cookie and its token. */
public final class Caller {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String base;

    Caller(String base) {
        this.base = base;
        get("/api/preferences");
    }

    /** Talks to a server of its own process, once it is up. */
    static Caller waitingFor(String base, Process server) {
        try {
            do {
                try {
                    return new Caller(base);
                } catch (UncheckedIOException notYet) {
                    // Asked again as long as it has not ended.
                }
            } while (!server.waitFor(100, TimeUnit.MILLISECONDS));
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
        throw new AssertionError("the server ended before it answered");
    }

    /** What came back. */
    public record Reply(int status, byte[] bytes, Map<String, List<String>> headers) {

        public JsonNode json() {
            return JSON.readTree(bytes);
        }

        /** The fields that a problem names. */
        public String fields() {
            StringBuilder fields = new StringBuilder();
            json().path("errors")
                    .forEach(e -> fields.append(e.path("field").asString()).append(' '));
            return fields.toString().trim();
        }

        public String detail() {
            return json().path("detail").asString();
        }
    }

    public String base() {
        return base;
    }

    public Reply get(String path) {
        return send(request(path).GET());
    }

    public Reply post(String path, Object body) {
        return send(json(path).POST(BodyPublishers.ofString(text(body))));
    }

    public Reply put(String path, Object body) {
        return send(json(path).PUT(BodyPublishers.ofString(text(body))));
    }

    public Reply delete(String path) {
        return send(request(path).DELETE());
    }

    /** Sends one ZIP file as the body itself. */
    public Reply stream(String path, byte[] zip) {
        return send(request(path).header("Content-Type", "application/zip").POST(BodyPublishers.ofByteArray(zip)));
    }

    /** Sends one file as a form does. */
    public Reply upload(String path, String field, byte[] file) {
        String boundary = "----glanzen";
        byte[] head = ("--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + field
                        + "\"; filename=\"file\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8);
        byte[] tail = ("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8);
        byte[] body = new byte[head.length + file.length + tail.length];
        System.arraycopy(head, 0, body, 0, head.length);
        System.arraycopy(file, 0, body, head.length, file.length);
        System.arraycopy(tail, 0, body, head.length + file.length, tail.length);
        return send(request(path)
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(BodyPublishers.ofByteArray(body)));
    }

    /** Sends something as it stands, with nothing added. */
    public Reply raw(HttpRequest request) {
        try {
            HttpResponse<byte[]> response = HttpClient.newHttpClient().send(request, BodyHandlers.ofByteArray());
            return new Reply(
                    response.statusCode(), response.body(), response.headers().map());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private HttpRequest.Builder json(String path) {
        return request(path).header("Content-Type", "application/json");
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder builder = HttpRequest.newBuilder(URI.create(base + path));
        cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .ifPresent(token -> builder.header("X-XSRF-TOKEN", token));
        return builder;
    }

    private Reply send(HttpRequest.Builder builder) {
        try {
            HttpResponse<byte[]> response = client.send(builder.build(), BodyHandlers.ofByteArray());
            return new Reply(
                    response.statusCode(), response.body(), response.headers().map());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String text(Object body) {
        return body instanceof String text ? text : JSON.writeValueAsString(body);
    }
}
