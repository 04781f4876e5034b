package synopta.core.knowledge;

import java.util.List;
import org.jspecify.annotations.Nullable;
import synopta.core.drawing.Picture;

/**
 * A kind of part.
 *
 * @param slug the word of the catalog and the API
 * @param name name, as it is shown
 * @param life how long it lasts
 * @param selling how it is sold, and with what
 * @param bag what to tell about it as it goes into the bag
 * @param called what people call it; a word that several part types bear is kept for all of them
 * @param picture what it looks like
 * @param licensed whether only a licensed technician may fit it: inside a microwave, gas joints and valves
 * @param refer whether only a qualified person should fit it
 * @param specs what decides whether another part of the type may be supplied in its place
 * @param safety why a wrong one is dangerous; null where it is only a nuisance
 * @param fitting how it goes in
 * @param contains part types a kit of this type holds; empty where it is no kit
 */
public record PartType(
        String slug,
        String name,
        LifeCurve life,
        SellingRule selling,
        List<HandoverNote> bag,
        List<String> called,
        Picture picture,
        boolean licensed,
        boolean refer,
        List<SpecRule> specs,
        @Nullable String safety,
        Installation fitting,
        List<String> contains) {
    /** Begins the id of the finding that the part was asked for by its name. */
    public static final String ASKED = "asked-";

    /** Copies. */
    public PartType {
        bag = List.copyOf(bag);
        called = List.copyOf(called);
        specs = List.copyOf(specs);
        contains = List.copyOf(contains);
    }

    /** The id of the finding that somebody asked for the part by name. */
    public String requestFinding() {
        return ASKED + slug;
    }
}
