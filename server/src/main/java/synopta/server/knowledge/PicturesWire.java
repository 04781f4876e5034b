package synopta.server.knowledge;

import java.util.List;
import synopta.core.drawing.Figure;
import synopta.core.drawing.Picture;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;

/** What the parts of an appliance look like, and which words mean several of them. */
public record PicturesWire(int side, List<PictureWire> partTypes, List<WordOfSeveral> words) {
    static PicturesWire of(Pack pack) {
        return new PicturesWire(
                Picture.SIDE,
                pack.partTypes().stream().map(PictureWire::of).toList(),
                pack.wordsOfSeveralMeanings().entrySet().stream()
                        .map(e -> new WordOfSeveral(
                                e.getKey(),
                                e.getValue().stream().map(PartType::slug).toList()))
                        .toList());
    }

    /** The picture of a part type, and of the pieces that go by its name. */
    public record PictureWire(
            String partType, String name, String tell, List<Figure> figures, List<Picture.Kind> kinds) {
        static PictureWire of(PartType type) {
            Picture picture = type.picture();
            return new PictureWire(type.slug(), type.name(), picture.tell(), picture.figures(), picture.kinds());
        }
    }

    /** A word that several part types bear. */
    public record WordOfSeveral(String word, List<String> partTypes) {}
}
