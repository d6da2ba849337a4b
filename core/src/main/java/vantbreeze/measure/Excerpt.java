package vantbreeze.measure;

/** What of a long text is said in a message. */
public final class Excerpt {

    private static final int LONGEST = 60;

    private Excerpt() {}

    public static String of(String text) {
        return text.length() > LONGEST ? text.substring(0, LONGEST) + " …" : text;
    }
}
