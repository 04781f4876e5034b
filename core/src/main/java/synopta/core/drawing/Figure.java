package synopta.core.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import synopta.core.quantity.Slugged;

/**
 * A piece of line work.
 *
 * @param primitive shape and its measures
 * @param at the numbers of the primitive, in the units of the drawing
 * @param weight weight of the line
 */
public record Figure(Primitive primitive, List<Double> at, Weight weight) {
    /** Copies; refuses numbers that draw nothing. */
    public Figure {
        primitive.check(at);
        at = List.copyOf(at);
    }

    /** A figure as packs write it: weight if it is not fine, primitive, numbers; `outline box 10 20 30 40 0`. */
    public static Figure of(String written) {
        List<String> words = new ArrayList<>(Arrays.asList(written.trim().split("\\s+")));
        Optional<Weight> weight = named(Weight.values(), words.get(0));
        weight.ifPresent(found -> words.remove(0));
        String word = words.isEmpty() ? "" : words.remove(0);
        Primitive primitive = named(Primitive.values(), word)
                .orElseThrow(() -> new IllegalArgumentException("“%s” is not a figure. Use one of %s."
                        .formatted(
                                written,
                                Arrays.stream(Primitive.values())
                                        .map(Primitive::slug)
                                        .collect(Collectors.joining(", ")))));
        List<Double> at = new ArrayList<>();
        for (String number : words) {
            try {
                at.add(Double.valueOf(number));
            } catch (NumberFormatException e) {
                throw new IllegalArgumentException("“%s” is not a number in “%s”.".formatted(number, written), e);
            }
        }
        return new Figure(primitive, at, weight.orElse(Weight.FINE));
    }

    private static <E extends Slugged> Optional<E> named(E[] all, String word) {
        return Arrays.stream(all).filter(e -> e.slug().equals(word)).findFirst();
    }

    /** What it takes up. */
    public Bounds bounds() {
        return primitive.bounds(at);
    }
}
