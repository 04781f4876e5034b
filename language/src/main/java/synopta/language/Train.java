package synopta.language;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Trains the model of meanings anew from the packs, the sayings beside them and the labelled sentences. */
public final class Train {
    private Train() {}

    /**
     * Trains and writes.
     *
     * @param args folder of the packs, folder of the labelled sentences, file to write
     */
    public static void main(String[] args) throws IOException {
        Training training = new Training(Path.of(args[0]), Path.of(args[1]), new OnnxEmbedder());
        List<SentenceTrainer.Example> examples = new ArrayList<>(training.made());
        examples.addAll(training.examples());
        try (OutputStream out = Files.newOutputStream(Path.of(args[2]))) {
            ModelFile.write(training.content(examples), out);
        }
    }
}
