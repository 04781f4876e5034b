package synopta.core.catalog;

/**
 * So many of a part lie in a kit or assembly; the content may be a kit itself.
 *
 * @param kit number of the kit
 * @param content number of a part in it
 * @param quantity pieces, at least 1
 */
public record KitContent(PartNumber kit, PartNumber content, int quantity) {
    /** Refuses a content of no piece. */
    public KitContent {
        Quantities.atLeastOne("Content %s of kit %s".formatted(content, kit), quantity);
    }
}
