package vantbreeze.e2e;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Bad requests, the same for the same seed: wrong values, broken JSON, wrong types, odd headers, no HTTP at all. */
final class Hostile {

    private static final String BRIEF = """
            {"fold": "tri-fold", "basis": {"kind": "CLOSED", "width": "5 in", "height": "4 in", "share": 1}, "parameters": {"step": "1 in"},
             "sheet": "letter", "envelope": "a2us", "base": {"stock": "300 gsm", "colour": "#fbf8f0", "print": "PLAIN"},
             "tools": {"ruler": "1/16 in", "board": "1/8 in", "trimmer": "12 in"},
             "matting": {"layers": 1, "steps": ["1/8 in"], "grid": "1/16 in", "meeting": "RUN_ON",
                         "byFace": {"front/face": "ground + 1"},
                         "papers": [{"stock": "160 gsm", "colour": "#7e93a8", "print": "PLAIN"}]},
             "ornaments": [{"name": "o", "face": "front/face", "outline": "circle 1 in", "x": "1 in", "y": "1 in",
                            "lift": null, "paper": {"stock": "200 gsm", "colour": "#112233", "print": "PLAIN"}, "glue": "WHOLE"}],
             "closure": "belt", "units": "INCH"}""";

    private static final String ROW = """
            {"service": "Moon", "name": "letter", "leastLong": "140 mm", "leastShort": "90 mm", "mostLong": "235 mm",
             "mostShort": "125 mm", "thickness": "5 mm", "grams": 20, "aspectLeast": 1.2, "aspectMost": 3.0,
             "price": "1", "origin": "invented", "asOf": "2026-11-01"}""";

    private static final String FOLD = """
            {"file_spec": 1.1, "frame_unit": "mm", "vertices_coords": [[0,0],[100,0],[100,80],[0,80],[50,0],[50,80]],
             "edges_vertices": [[0,4],[4,1],[1,2],[2,5],[5,3],[3,0],[4,5]], "edges_assignment": ["B","B","B","B","B","B","M"]}""";

    private static final String[] VALUES = {
        "null",
        "true",
        "-1",
        "0",
        "1e999",
        "2147483648",
        "99999999999999999999999999",
        "1.5",
        "\"\"",
        "\"   \"",
        "[]",
        "{}",
        "[null]",
        "\"NaN\"",
        "\"-5 in\"",
        "\"0 in\"",
        "\"1/0 in\"",
        "\"999999999 km\"",
        "\"5 1/2 1/2 in\"",
        "\"\\u0000\"",
        "\"\\ud800\"",
        "\"😀\"",
        "\"<script>\"",
        "\"' or 1=1 --\"",
        "\"${jndi:x}\"",
        "\"../../etc/passwd\"",
        "\"circle\"",
        "\"outline 2 in: 0,0\"",
        "\"outline 2 in: 0,0 1,1 1e300,5\"",
        "\"outline 1 in: 0,0 9,9 9,0 0,9\"",
        "\"0.000001 mm\"",
        "\"500 gsm, 9 mm\"",
        "\"1000000 lb\"",
        "\"ground + 3 + note + strip 9 in low\"",
        "\"ENVELOPE\"",
        "\"tower\"",
        "\"free-strip\"",
        "9223372036854775808",
        "1e308",
        "\",\"",
        "\"+10000-01-01\"",
        "\"%s, 6 x 9 in\"".formatted("x".repeat(130)),
        "\"A\\u030a\\u202e\"",
        "[[[[[[]]]]]]",
        "{\"a\": {\"a\": {}}}"
    };

    private static final Pattern VALUE = Pattern.compile("(?<=: |\\[)(\"[^\"]*\"|-?[\\d.]+|null|true|false)");

    /** Names of Java classes and words of its database. */
    private static final Pattern INSIDES = Pattern.compile(
            "\\b(java|jakarta|vantbreeze|tools\\.jackson|org)\\.[a-z]+\\.|(?i)\\b(insert into|jdbc|SQLSTATE|NullPointer)");

    /** @param status 0 where the connection was closed without an answer */
    record Answer(String request, int status, String type, String body) {

        /** No failure of the server, nothing that nobody thought of, and nothing of how it is made. */
        boolean isProper() {
            boolean refused = status >= 400 && status < 500 && type.startsWith("application/problem+json");
            return (status == 0 || refused || status >= 200 && status < 400)
                    && !body.contains("not foreseen")
                    && !INSIDES.matcher(body).find();
        }
    }

    private final Random chance;
    private final int port;
    private final List<Addresses.Address> addresses;
    private final List<String> ids;

    Hostile(int port, long seed) {
        this.port = port;
        this.chance = new Random(seed);
        this.addresses = Addresses.of(port, Map.of("Brief", BRIEF, "PostalClassContent", ROW, "JsonNode", FOLD));
        this.ids = ids(port);
    }

    /** Of the cards that are there, and of what belongs to them. */
    private static List<String> ids(int port) {
        List<String> ids = new ArrayList<>();
        for (String list : List.of("projects", "papers", "log", "postal-classes")) {
            try (var in = URI.create("http://127.0.0.1:%d/api/%s".formatted(port, list))
                    .toURL()
                    .openStream()) {
                Matcher id = Pattern.compile("\"id\":\"([^\"]+)\"")
                        .matcher(new String(in.readAllBytes(), StandardCharsets.UTF_8));
                while (id.find()) {
                    ids.add(id.group(1));
                }
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        }
        return ids;
    }

    private String pick(String... of) {
        return of[chance.nextInt(of.length)];
    }

    private String spoiled(String json) {
        String spoiled = json;
        for (int i = chance.nextInt(3); i >= 0; i--) {
            List<int[]> places = new ArrayList<>();
            Matcher m = VALUE.matcher(spoiled);
            while (m.find()) {
                places.add(new int[] {m.start(), m.end()});
            }
            if (places.isEmpty()) {
                return pick(VALUES);
            }
            int[] at = places.get(chance.nextInt(places.size()));
            String value = chance.nextInt(40) == 0 ? "\"" + "x".repeat(30_000) + "\"" : pick(VALUES);
            spoiled = spoiled.substring(0, at[0]) + value + spoiled.substring(at[1]);
        }
        return spoiled;
    }

    private String broken(String json) {
        int at = chance.nextInt(json.length());
        return switch (chance.nextInt(5)) {
            case 0 -> json.substring(0, at);
            case 1 -> json.substring(0, at) + (char) chance.nextInt(256) + json.substring(at);
            case 2 -> "[".repeat(1 + chance.nextInt(3000));
            case 3 -> json.replaceFirst("\"[a-zA-Z]+\":", "\"other\":");
            default -> json.substring(at);
        };
    }

    private String body() {
        String brief = chance.nextInt(3) == 0 ? broken(BRIEF) : spoiled(BRIEF);
        return brief;
    }

    private String value() {
        return pick(VALUES);
    }

    private byte[] request() {
        return switch (chance.nextInt(14)) {
            case 0 -> post("/api/plans", body(), pick("application/json", "application/json;charset=utf-8"), "");
            case 1 -> post("/api/looks", body(), "application/json", "");
            case 2 ->
                post(
                        "/api/outlines",
                        "{\"svg\": %s, \"width\": %s, \"units\": \"INCH\"}"
                                .formatted(chance.nextBoolean() ? drawing() : value(), value()),
                        "application/json",
                        "");
            case 3 ->
                post(
                        "/api/plans",
                        BRIEF,
                        pick(
                                "*/*",
                                "application/*",
                                "text/plain",
                                "application/yaml",
                                "multipart/form-data",
                                "a/b/c",
                                "application/json;charset=x"),
                        "");
            case 4 ->
                plain(
                        pick("GET", "PUT", "DELETE", "PATCH", "TRACE", "FOO", "OPTIONS"),
                        pick(
                                        "/api/projects/",
                                        "/api/own-folds/",
                                        "/api/postal-classes/",
                                        "/api/drawer/",
                                        "/",
                                        "/bench/",
                                        "/error",
                                        "/actuator",
                                        "/assets/")
                                + pick(
                                        "x",
                                        "%00",
                                        "%zz",
                                        "..;/x",
                                        "a/b/c",
                                        "x?version=y",
                                        "x?version=%zz",
                                        "x?version=9223372036854775808",
                                        "x/exports/plan.pdf?paper=z",
                                        "x/exports/envelope.pdf?style=z",
                                        "x".repeat(3000)),
                        "");
            case 5 ->
                plain(
                        "GET",
                        "/api/folds",
                        pick(
                                "Origin: http://evil.example\r\n",
                                "Sec-Fetch-Site: cross-site\r\n",
                                "Accept: application/yaml\r\n",
                                "X: " + "y".repeat(9000) + "\r\n",
                                "Range: bytes=5-1\r\n"));
            case 6 -> noHttp();
            default -> anywhere();
        };
    }

    /** Any address, its body and everything in its path and query spoiled in turn. */
    private byte[] anywhere() {
        Addresses.Address address = addresses.get(chance.nextInt(addresses.size()));
        String path = address.path();
        Matcher variable = Pattern.compile("\\{\\w+}").matcher(path);
        while (variable.find()) {
            path = path.replace(variable.group(), ids.isEmpty() || chance.nextInt(4) == 0 ? bare(value()) : pick(ids));
        }
        StringBuilder query = new StringBuilder();
        for (String name : address.query()) {
            query.append(query.isEmpty() ? '?' : '&').append(name).append('=').append(bare(value()));
        }
        if (address.body().isEmpty()) {
            return plain(address.method(), path + query, "");
        }
        String body = chance.nextInt(4) == 0 ? broken(address.body()) : spoiled(address.body());
        return request(address.method(), path + query, body, "application/json", "");
    }

    private String pick(List<String> of) {
        return of.get(chance.nextInt(of.size()));
    }

    private static String bare(String value) {
        return java.net.URLEncoder.encode(value.replace("\"", ""), java.nio.charset.StandardCharsets.UTF_8);
    }

    private String drawing() {
        String path =
                pick("M0 0L9 9 9 0z", "L5 5", "M0 0A0 0 0 0 0 0 0", "M0 0C1 1 2 2", "Mnan nan", "M0 0H1e38V1e38z", "");
        return "\"<svg xmlns='http://www.w3.org/2000/svg'>%s<path transform='%s' d='%s'/>%s\""
                .formatted(
                        "<g>".repeat(chance.nextInt(80)),
                        pick("rotate(5)", "scale(0)", "matrix(1)", "translate(1e308)", ""),
                        path,
                        pick("</svg>", "", "<!DOCTYPE x>"));
    }

    private byte[] noHttp() {
        return switch (chance.nextInt(6)) {
            case 0 -> "GET\r\n\r\n".getBytes(StandardCharsets.ISO_8859_1);
            case 1 -> "GET /api/folds HTTP/7.7\r\nHost: localhost\r\n\r\n".getBytes(StandardCharsets.ISO_8859_1);
            case 2 ->
                "GET /api/folds HTTP/1.1\r\nHost: evil.example\r\nConnection: close\r\n\r\n"
                        .getBytes(StandardCharsets.ISO_8859_1);
            case 3 -> plain("POST", "/api/plans", "Content-Type: application/json\r\nTransfer-Encoding: chunked\r\n");
            case 4 -> plain("POST", "/api/plans", "Content-Length: -7\r\n");
            default -> {
                byte[] noise = new byte[1 + chance.nextInt(200)];
                chance.nextBytes(noise);
                yield noise;
            }
        };
    }

    private byte[] plain(String method, String path, String headers) {
        return "%s %s HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n%s\r\n"
                .formatted(method, path, headers)
                .getBytes(StandardCharsets.ISO_8859_1);
    }

    private byte[] post(String path, String body, String type, String headers) {
        return request("POST", path, body, type, headers);
    }

    private byte[] request(String method, String path, String body, String type, String headers) {
        byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
        byte[] head =
                "%s %s HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nContent-Type: %s\r\n%sContent-Length: %d\r\n\r\n"
                        .formatted(method, path, type, headers, bytes.length)
                        .getBytes(StandardCharsets.ISO_8859_1);
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.writeBytes(head);
        all.writeBytes(bytes);
        return all.toByteArray();
    }

    Answer next() throws IOException {
        byte[] request = request();
        String said = new String(request, 0, Math.min(600, request.length), StandardCharsets.ISO_8859_1);
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            socket.setSoTimeout(60_000);
            socket.getOutputStream().write(request);
            socket.shutdownOutput();
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            Matcher status = Pattern.compile("^HTTP/1.1 (\\d+)").matcher(answer);
            Matcher type = Pattern.compile("(?im)^content-type: (.*?)\r?$").matcher(answer);
            return new Answer(
                    said,
                    status.find() ? Integer.parseInt(status.group(1)) : 0,
                    type.find() ? type.group(1) : "",
                    answer.substring(0, Math.min(1200, answer.length())));
        } catch (java.net.SocketException closed) {
            return new Answer(said, 0, "", "");
        }
    }
}
