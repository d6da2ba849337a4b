package vantbreeze.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vantbreeze.make.Joints;
import vantbreeze.material.Adhesive;
import vantbreeze.operation.Task;

/**
 * What is glued at one step, and with what.
 *
 * @param places where, as {@link Joints} names them
 * @param with what is taken; empty where it differs from place to place
 * @param choices what may be taken at all of them
 * @param own whether the maker chose it at any of them
 */
public record GluedStep(List<String> places, Optional<Adhesive> with, List<Adhesive> choices, boolean own) {

    /** By the ids of tasks; those at which nothing is glued are left out. */
    public static Map<String, GluedStep> of(Plan plan) {
        Map<String, String> chosen = plan.brief().gluedWith();
        Map<String, Joints.Glued> all = new Joints(
                        plan.structure(),
                        plan.dressing(),
                        plan.ornaments(),
                        plan.parts(),
                        plan.brief().tools().adhesives(),
                        chosen)
                .places();
        Map<String, GluedStep> byTask = new LinkedHashMap<>();
        for (Task task : plan.tasks()) {
            List<String> places = task.operation().gluedPlaces();
            if (!places.isEmpty()) {
                byTask.put(
                        task.id(),
                        of(
                                places,
                                places.stream().map(all::get).toList(),
                                places.stream().anyMatch(chosen::containsKey)));
            }
        }
        return byTask;
    }

    private static GluedStep of(List<String> places, List<Joints.Glued> glued, boolean own) {
        List<Adhesive> choices = new ArrayList<>(glued.get(0).choices());
        glued.forEach(g -> choices.retainAll(g.choices()));
        List<Adhesive> taken = glued.stream().map(Joints.Glued::with).distinct().toList();
        return new GluedStep(
                places, taken.size() == 1 ? Optional.of(taken.get(0)) : Optional.empty(), List.copyOf(choices), own);
    }
}
