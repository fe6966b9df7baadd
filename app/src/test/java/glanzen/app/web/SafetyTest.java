package glanzen.app.web;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.Caller;
import glanzen.app.Caller.Reply;
import glanzen.app.Server;
import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Server.class)
class SafetyTest {

    private static final Path DOCUMENT = Path.of("../web/src/api/openapi.json");

    private final Caller caller;

    SafetyTest(Caller caller) {
        this.caller = caller;
    }

    @Test
    void otherPagesCannotWrite() {
        HttpRequest foreign = HttpRequest.newBuilder(URI.create(caller.base() + "/api/rigs/old-iron/a5-platform"))
                .DELETE()
                .build();
        Reply refused = caller.raw(foreign);
        assertEquals(403, refused.status());
        assertTrue(refused.headers().get("content-type").get(0).startsWith("application/problem+json"));
    }

    /** A page on another port shares our cookies: it can plant a token and send it along. It cannot hide where it is. */
    @ParameterizedTest
    @CsvSource({
        "Origin, http://localhost:3000, 403",
        "Origin, null, 403",
        "Sec-Fetch-Site, same-site, 403",
        "Sec-Fetch-Site, cross-site, 403",
        "Origin, own, 204",
        "Sec-Fetch-Site, same-origin, 204"
    })
    void anInventedTokenOpensNothingFromElsewhere(String header, String value, int status) {
        HttpRequest invented = HttpRequest.newBuilder(URI.create(caller.base() + "/api/rigs/old-iron/a5-platform"))
                .header("Cookie", "XSRF-TOKEN=planted")
                .header("X-XSRF-TOKEN", "planted")
                .header(header, value.equals("own") ? caller.base() : value)
                .DELETE()
                .build();
        assertEquals(status, caller.raw(invented).status());
    }

    @Test
    void theCookieIsOfThisSiteOnly() {
        HttpRequest first = HttpRequest.newBuilder(URI.create(caller.base() + "/api/preferences"))
                .build();
        assertTrue(caller.raw(first).headers().get("set-cookie").get(0).contains("SameSite=Strict"));
    }

    @Test
    void whatHasAHashInItsNameIsFetchedOnce() {
        Matcher script = Pattern.compile("/assets/[\\w.-]+\\.js")
                .matcher(new String(caller.get("/").bytes(), UTF_8));
        assertTrue(script.find());
        assertTrue(
                caller.get(script.group()).headers().get("cache-control").get(0).contains("immutable"));
        assertFalse(caller.get("/").headers().get("cache-control").get(0).contains("immutable"));
    }

    @Test
    void theContentPolicyIsStrict() {
        String policy = caller.get("/").headers().get("content-security-policy").get(0);
        assertTrue(policy.contains("default-src 'self'") && policy.contains("frame-ancestors 'none'"));
        assertTrue(!policy.contains("unsafe"));
    }

    @Test
    void itListensOnThisMachineOnly() throws IOException {
        int port = URI.create(caller.base()).getPort();
        for (NetworkInterface card : Collections.list(NetworkInterface.getNetworkInterfaces())) {
            for (InetAddress address : Collections.list(card.getInetAddresses())) {
                if (!address.isLoopbackAddress() && !address.isLinkLocalAddress()) {
                    try (Socket socket = new Socket(address, port)) {
                        throw new AssertionError("answers at " + socket.getInetAddress());
                    } catch (IOException refused) {
                        assertTrue(refused.getMessage() != null);
                    }
                }
            }
        }
    }

    @Test
    void whatIsNotThereIsAProblemToo() {
        assertEquals(404, caller.get("/api/nothing").status());
        assertEquals(404, caller.get("/api/pulls/nobody").status());
    }

    /**
     * The front end's types are generated from the document kept beside it. Run with {@code -Dopenapi.write=true} to
     * write it anew after a change.
     */
    @Test
    void theKeptDocumentIsTheOneServed() throws IOException {
        ObjectNode served = (ObjectNode) caller.get("/api/openapi").json();
        served.remove("servers");
        JsonMapper sorted = JsonMapper.builder()
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .build();
        if (Boolean.getBoolean("openapi.write")) {
            Object plain = sorted.treeToValue(served, Object.class);
            Files.writeString(DOCUMENT, sorted.writerWithDefaultPrettyPrinter().writeValueAsString(plain) + "\n");
        }
        JsonNode kept = sorted.readTree(Files.readString(DOCUMENT));
        assertEquals(kept, served, "web/src/api/openapi.json is out of date: run ./check --openapi");
    }
}
