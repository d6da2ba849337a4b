package vantbreeze.server.project;

import jakarta.persistence.Embeddable;
import vantbreeze.plan.Plan;
import vantbreeze.plan.Severity;

/**
 * What became of a brief, as a list shows it.
 *
 * @param fold absent if no plan follows
 * @param closed absent if the card cannot fold
 * @param envelope absent if there is none
 * @param reason why no plan follows; absent if one does
 * @param rules which edition of the rules said so
 */
@Embeddable
record Summary(String fold, String closed, String envelope, Integer snags, String reason, String rules) {

    private static final int LONGEST_REASON = 400;

    static Summary of(Plan plan, String rules) {
        return new Summary(
                plan.brief().fold().name(),
                plan.closed() == null
                        ? null
                        : plan.brief().ruler().text(plan.closed().size()),
                plan.brief().envelope() == null ? null : plan.brief().envelope().name(),
                (int) plan.snags().stream()
                        .filter(s -> s.severity() != Severity.NOTE)
                        .count(),
                null,
                rules);
    }

    static Summary none(String reason, String rules) {
        return new Summary(null, null, null, 0, reason.substring(0, Math.min(reason.length(), LONGEST_REASON)), rules);
    }
}
