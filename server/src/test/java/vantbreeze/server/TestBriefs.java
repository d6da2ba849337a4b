package vantbreeze.server;

/** Briefs as JSON. */
public final class TestBriefs {

    private TestBriefs() {}

    /** A Z-fold for an A2 envelope, in inches. */
    public static String zFold(String width, String height) {
        return """
                {"fold": "z-fold",
                 "basis": {"kind": "CLOSED", "width": "%s", "height": "%s"},
                 "parameters": {},
                 "sheet": "letter", "envelope": "a2us", "base": {"stock": "300 gsm", "colour": "#fbf8f0", "print": "PLAIN"},
                 "tools": {"ruler": "1/16 in", "board": "1/16 in", "trimmer": "12 in"},
                 "matting": {"layers": 1, "steps": ["1/8 in"], "grid": "1/16 in", "meeting": "RUN_ON", "byFace": {},
                  "papers": [{"stock": "160 gsm", "colour": "#7e93a8", "print": "PLAIN"}]},
                 "ornaments": [], "closure": null,
                 "units": "INCH"}""".formatted(width, height);
    }

    /** A free pattern as it is written, at the size it has. */
    public static String pattern(String written) {
        return gatefold("4 in", "5 in")
                .replace("gatefold", "free-pattern")
                .replace("\"width\": \"4 in\", \"height\": \"5 in\"", "\"width\": null, \"height\": null")
                .replace("\"parameters\": {}", "\"parameters\": {\"pattern\": \"%s\"}".formatted(written));
    }

    /** A free pattern of six panels around two vertices. */
    public static final String ZIGZAGS =
            "outline 0,0 9,0 9,6 0,6; mountain 3.25,0 2.75,3 3.25,6; valley 6.25,0 5.75,3 6.25,6;"
                    + " mountain 0,3 2.75,3; valley 2.75,3 5.75,3; mountain 5.75,3 9,3 in";

    /** A fold-over with a round-headed outline and a tongue cut along half a circle of 1/2 in. */
    public static final String TONGUE =
            "outline 0,0 8,0 8,4 arc 4,5 0,4; valley 4,0 4,5; slit 5,1 arc 5.5,1.5 6,1; slit 1,1 curve 1,2 3,0 3,1 in";

    public static String gatefold(String width, String height) {
        return zFold(width, height).replace("z-fold", "gatefold").replace("letter", "12x12");
    }
}
