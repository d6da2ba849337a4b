package vantbreeze.hand;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import vantbreeze.operation.Setting;
import vantbreeze.post.EnvelopeFit;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Structure;

/**
 * The card as it is meant to be, with what hands set on the way to it.
 *
 * @param front the panels that are seen on the closed card's front
 * @param back those that are seen from behind
 * @param fit in which envelope it should fit; empty without one
 */
public record Intended(
        Structure structure,
        List<Setting> settings,
        Set<Panel> front,
        Set<Panel> back,
        List<LaidMat> mats,
        Optional<EnvelopeFit> fit) {}
