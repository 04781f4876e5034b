package synopta.core.sale;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.PartRequest;
import synopta.core.casefile.PartRequest.Place;
import synopta.core.catalog.Fit;
import synopta.core.knowledge.Layout;
import synopta.core.sale.RequestOutcome.OpenPlace;

/** Which of the places of a part type a request means, and how many pieces. */
final class RequestedPlaces {
    private final List<Fit> rows;
    private final @Nullable Layout layout;
    private final PartRequest request;

    /**
     * Of the rows of the machine's catalog page.
     *
     * @param rows of the part type
     * @param layout names the places; null while it is not known
     */
    RequestedPlaces(List<Fit> rows, @Nullable Layout layout, PartRequest request) {
        this.rows = rows;
        this.layout = layout;
        this.request = request;
    }

    /** The slots that are meant: all of them where what was said does not tell them apart. */
    Set<String> meant() {
        Set<String> all = rows.stream().map(Fit::slot).collect(Collectors.toSet());
        Set<String> said = all.stream().filter(this::isSaid).collect(Collectors.toSet());
        return said.isEmpty() ? all : said;
    }

    private boolean isSaid(String slot) {
        return named(slot).stream().anyMatch(request.places()::contains);
    }

    /** The words of a place that tell where it is. */
    private List<Place> named(String slot) {
        List<String> words =
                Arrays.asList((slot + " " + name(slot)).toLowerCase(Locale.ROOT).split("[^a-z]+"));
        return Stream.of(Place.values())
                .filter(place -> words.contains(place.slug()))
                .toList();
    }

    private String name(String slot) {
        return layout == null
                ? slot
                : layout.place(slot).map(Layout.Place::name).orElse(slot);
    }

    /** The places that are meant and can be told apart by a word, each with that word behind what was said. */
    List<OpenPlace> open() {
        return meant().stream()
                .sorted()
                .filter(slot -> !named(slot).isEmpty())
                .map(slot -> new OpenPlace(slot, name(slot), said(slot)))
                .toList();
    }

    private String said(String slot) {
        return request.phrase() + named(slot).stream().map(Place::slug).collect(Collectors.joining(" ", ", ", ""));
    }

    /** Whether the places that were said tell some of the machine's apart from others. */
    boolean tellsApart() {
        return rows.stream().map(Fit::slot).anyMatch(this::isSaid);
    }

    /** Whether it was said how many, or which one of two. */
    boolean isCounted() {
        return request.pieces() != null || isOneOfAPair();
    }

    /** How many; null for all of those places. */
    @Nullable
    Integer pieces() {
        if (request.pieces() != null) {
            return request.pieces();
        }
        return request.all() && !isOneOfAPair() ? null : Integer.valueOf(1);
    }

    private boolean isOneOfAPair() {
        return request.places().contains(Place.LEFT) != request.places().contains(Place.RIGHT);
    }

    /** Whether the machine takes different numbers at the places that are meant, and fewer pieces than all were asked for. */
    boolean isOpen() {
        Set<String> slots = meant();
        boolean isSplit = slots.stream()
                        .map(slot -> rows.stream()
                                .filter(row -> row.slot().equals(slot))
                                .map(Fit::part)
                                .collect(Collectors.toSet()))
                        .distinct()
                        .count()
                > 1;
        Integer pieces = pieces();
        return isSplit && pieces != null && pieces < fitted(slots);
    }

    private int fitted(Set<String> slots) {
        return slots.stream()
                .mapToInt(slot -> rows.stream()
                        .filter(row -> row.slot().equals(slot))
                        .mapToInt(Fit::quantity)
                        .max()
                        .orElse(0))
                .sum();
    }
}
