package vantbreeze.server.tool;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import vantbreeze.material.Scoring;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.store.Kept;

/** The tools with which the maker begins a card in inches, or one in millimetres. */
@Entity
class ToolSet extends Kept {

    @Id
    private String units;

    @Version
    private Long version;

    private String ruler;
    private String board;
    private String boardReach;
    private String trimmer;
    private String bed;
    private String scoring;

    /** JSON; the usual ones where nothing is said. */
    private String adhesives;

    protected ToolSet() {}

    ToolSet(UnitSystem units) {
        this.units = units.name();
    }

    @Override
    protected String content() {
        String before = "%s %s %s %s".formatted(units, ruler, board, trimmer);
        String reached = boardReach == null ? before : "%s %s %s".formatted(before, boardReach, bed);
        String scored = scoring == null ? reached : "%s %s".formatted(reached, scoring);
        return adhesives == null ? scored : "%s %s".formatted(scored, adhesives);
    }

    /** @param gluing its adhesives, as JSON; null for the usual ones */
    final void write(BriefJson.ToolsJson tools, String gluing) {
        ruler = tools.ruler();
        board = tools.board();
        boardReach = tools.boardReach();
        trimmer = tools.trimmer();
        bed = tools.bed();
        scoring = tools.scoring() == null ? null : tools.scoring().name();
        adhesives = gluing;
        seal();
    }

    long version() {
        return version;
    }

    /** As JSON; null for the usual ones. */
    String adhesives() {
        return adhesives;
    }

    /** Without its adhesives. */
    BriefJson.ToolsJson tools() {
        return new BriefJson.ToolsJson(
                ruler, board, boardReach, trimmer, bed, scoring == null ? null : Scoring.valueOf(scoring), null);
    }
}
