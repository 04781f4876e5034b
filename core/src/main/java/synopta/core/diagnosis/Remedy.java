package synopta.core.diagnosis;

import synopta.core.knowledge.Fault;

/**
 * What would be handed over for a fault: a part of its type, or nothing but a word where it is cured without one.
 *
 * @param nothing whether it is cured without a part
 */
record Remedy(String partType, boolean nothing) {
    static Remedy of(Fault fault) {
        return new Remedy(fault.partType(), fault.cure() != null);
    }
}
