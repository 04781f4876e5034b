package synopta.language;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.tartarus.snowball.ext.EnglishStemmer;

/** A text as its stems, its pairs of stems and its negated stems: what the encoders are weak on. */
final class WordBag {
    private static final Pattern WORD = Pattern.compile("[a-z0-9]+");
    private static final Pattern NEGATION = Pattern.compile(
            "\\b(?:not|no|never|none|nothing|without|nobody|quit|stopped|gone|nor|neither|hardly|barely|cannot"
                    + "|(?:is|are|was|were|do|does|did|has|have|had|would|could|should|ca|wo|ai)n'?t)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern CONTRACTED =
            Pattern.compile("\\b(is|are|was|were|do|does|did|has|have|had|would|could|should|ai)n'?t\\b");
    private static final Set<String> NEGATES = Set.of("not", "no", "never", "without", "nor");

    /** Words behind a negation that it reaches. */
    private static final int REACH = 4;

    private static final Set<String> LIGHT = Set.of(
            ("a an the it its s is are was were be i im my me we our us you your he she they them this that of to in"
                            + " on at for and or so just t m ve ll d re do doe did does has have had will would can could"
                            + " when if then there with")
                    .split(" "));

    private WordBag() {}

    /** How many negations there are. */
    static int negations(String text) {
        return (int) NEGATION.matcher(text).results().count();
    }

    /** The stems in their order, contractions spelt out. */
    static List<String> stems(String text) {
        String plain = text.toLowerCase(Locale.ROOT)
                .replace('’', '\'')
                .replaceAll("\\bwon'?t\\b", "will not")
                .replaceAll("\\bcan'?t\\b|\\bcannot\\b", "can not");
        Matcher matcher = WORD.matcher(CONTRACTED.matcher(plain).replaceAll("$1 not"));
        EnglishStemmer stemmer = new EnglishStemmer();
        List<String> stems = new ArrayList<>();
        while (matcher.find()) {
            stemmer.setCurrent(matcher.group());
            stemmer.stem();
            stems.add(stemmer.getCurrent());
        }
        return stems;
    }

    /** The stems that mean something, in their order. */
    static List<String> telling(String text) {
        return stems(text).stream().filter(stem -> !LIGHT.contains(stem)).toList();
    }

    /** Stems that mean something, pairs of them, and those behind a negation once more as negated. */
    static List<String> of(String text) {
        List<String> bag = new ArrayList<>();
        String before = null;
        int reach = 0;
        List<String> negated = new ArrayList<>();
        for (String stem : stems(text)) {
            boolean isLight = LIGHT.contains(stem);
            if (!isLight) {
                bag.add(stem);
                if (before != null) {
                    bag.add(before + "_" + stem);
                }
                before = stem;
            }
            if (NEGATES.contains(stem)) {
                reach = REACH;
            } else if (reach > 0) {
                reach--;
                if (!isLight) {
                    negated.add("not_" + stem);
                }
            }
        }
        bag.addAll(negated);
        return bag;
    }
}
