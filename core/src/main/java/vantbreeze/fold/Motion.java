package vantbreeze.fold;

import java.util.List;
import java.util.Optional;

/**
 * The way of a card from one stage to the next.
 *
 * @param frames the poses, evenly spaced, the first at {@code from}, the last at {@code to}; one move for each panel of the
 *     structure, in its order
 * @param blocked what keeps it from moving on; the frames end before it
 */
public record Motion(String from, String to, List<List<RigidMotion>> frames, Optional<FoldFault> blocked) {}
