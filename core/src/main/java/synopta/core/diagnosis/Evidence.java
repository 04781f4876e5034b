package synopta.core.diagnosis;

/**
 * One finding answered.
 *
 * @param finding id in the pack; a test's id for a reading
 * @param telling whether the telling answer was given
 */
public record Evidence(String finding, boolean telling) {}
