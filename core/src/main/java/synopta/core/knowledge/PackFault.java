package synopta.core.knowledge;

/**
 * What is wrong in a pack.
 *
 * @param path where, as in `faults[3].shows[1].finding`
 * @param message what, and how to mend it
 */
public record PackFault(String path, String message) {}
