package vantbreeze.plan;

/** How much a finding matters, the worst first. */
public enum Severity {
    /** The card cannot be made or folded so. */
    STOP,
    /** It can be made, and something will go wrong or look wrong. */
    WARNING,
    /** Worth knowing. */
    NOTE
}
