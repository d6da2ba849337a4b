package vantbreeze.part;

import vantbreeze.measure.Length;

/**
 * Where a part is cut in two once it has been cut: what runs over two panels that meet.
 *
 * @param at from its left edge, or from its lower one
 * @param alongWidth whether it is divided along its width
 */
public record Division(Length at, boolean alongWidth) {}
