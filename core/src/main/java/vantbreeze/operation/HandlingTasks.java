package vantbreeze.operation;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import vantbreeze.structure.Handling;
import vantbreeze.structure.Structure;

/** What hands do with a card besides, each at its moment among the joints. */
record HandlingTasks(TaskGraph graph, Structure structure) {

    /** What is done at these moments. */
    void add(Handling.Moment... moments) {
        for (Handling handling : structure.handlings()) {
            if (List.of(moments).contains(handling.moment())) {
                add(handling);
            }
        }
    }

    private void add(Handling handling) {
        List<String> order =
                structure.gluedInOrder().stream().map(b -> "glue/" + b.id()).toList();
        List<String> near = handling.bonds().stream().map(b -> "glue/" + b).toList();
        Phase phase = switch (handling.moment()) {
            case FOLDED -> Phase.FOLD;
            case BEFORE_BONDS -> Phase.JOIN;
            case AFTER_BONDS ->
                near.stream()
                        .map(id -> graph.get(id).phase())
                        .max(Comparator.naturalOrder())
                        .orElse(Phase.JOIN);
            case JOINED -> Phase.WORK;
            case DRESSED -> Phase.FINISH;
        };
        TaskGraph.Draft draft = graph.add(
                graph.own("handle/" + handling.title().toLowerCase(Locale.ROOT).replace(' ', '-')),
                phase,
                new Handle(handling),
                List.of(),
                handling.moment() != Handling.Moment.DRESSED);
        switch (handling.moment()) {
            case FOLDED -> draft.after(graph.of(Phase.FOLD));
            case BEFORE_BONDS -> {
                int first = near.stream().mapToInt(order::indexOf).min().orElse(0);
                draft.after(graph.of(Phase.FOLD))
                        .after(order.subList(0, first).stream()
                                .filter(id -> graph.get(id).phase() == Phase.JOIN));
                near.forEach(id -> graph.get(id).after(Stream.of(draft.id())));
            }
            case AFTER_BONDS -> {
                int last = near.stream().mapToInt(order::indexOf).max().orElse(-1);
                draft.after(near.stream());
                order.subList(last + 1, order.size()).stream()
                        .filter(id -> graph.get(id).phase() == phase)
                        .forEach(id -> graph.get(id).after(Stream.of(draft.id())));
            }
            case JOINED -> draft.after(graph.of(Phase.FILM, Phase.JOIN, Phase.CLOSE_ONTO, Phase.THREAD));
            case DRESSED ->
                draft.after(graph.of(
                        Phase.FILM,
                        Phase.JOIN,
                        Phase.CLOSE_ONTO,
                        Phase.THREAD,
                        Phase.WORK,
                        Phase.LAY_FIRST,
                        Phase.LAY));
        }
    }
}
