package synopta.language;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import synopta.core.catalog.Appliance;
import synopta.core.diagnosis.Diagnoser;
import synopta.core.knowledge.Pack;

/** Teaches from labelled sentences when a sentence says what a clause of it may mean. One judge serves all appliances. */
final class SentenceTrainer {
    private final Embedder embedder;
    private final Map<Appliance, Pack> packs;
    private final Map<Appliance, ApplianceModel.SayingClassifier> sayings;

    SentenceTrainer(
            Embedder embedder, Map<Appliance, Pack> packs, Map<Appliance, ApplianceModel.SayingClassifier> sayings) {
        this.embedder = embedder;
        this.packs = new TreeMap<>(packs);
        this.sayings = new TreeMap<>(sayings);
    }

    /** A meaning that a sentence may have, and whether it has; what may be left out without fault is not among them. */
    record Row(LabelledSentence sentence, String meaning, double[] figures, boolean right) {}

    /** The rows of some sentences. */
    List<Row> rows(List<LabelledSentence> sentences) {
        Map<Appliance, SignFigures> figures = new TreeMap<>();
        Map<Appliance, Diagnoser> words = new TreeMap<>();
        packs.forEach((appliance, pack) -> {
            figures.put(appliance, new SignFigures(pack, sayings.get(appliance).meanings()));
            words.put(appliance, new Diagnoser(pack));
        });
        List<Row> rows = new ArrayList<>();
        for (LabelledSentence sentence : sentences) {
            ApplianceModel.SayingClassifier known = sayings.get(sentence.appliance());
            figures.get(sentence.appliance())
                    .of(
                            known.views(sentence.text(), embedder),
                            words.get(sentence.appliance()).hear(sentence.text()))
                    .forEach(candidate -> {
                        String meaning = known.meanings().get(candidate.meaning());
                        if (!sentence.also().contains(meaning)) {
                            rows.add(new Row(
                                    sentence,
                                    meaning,
                                    candidate.figures(),
                                    sentence.signs().contains(meaning)));
                        }
                    });
        }
        return rows;
    }

    /** Learns from rows. */
    static LogisticModel learnt(List<Row> rows) {
        boolean[] right = new boolean[rows.size()];
        for (int i = 0; i < right.length; i++) {
            right[i] = rows.get(i).right();
        }
        return LogisticModel.learnt(rows.stream().map(Row::figures).toList(), right, SignFigures.PRODUCTS);
    }
}
