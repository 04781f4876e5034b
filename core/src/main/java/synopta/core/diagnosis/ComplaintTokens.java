package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.tartarus.snowball.ext.EnglishStemmer;
import synopta.core.quantity.EnglishWords;
import synopta.core.quantity.Slips;

/**
 * Texts as words with their places: stemmed (Porter's English stemmer in its Snowball form), words that callers use for
 * one another as one, negations as one, and misspelt words as the word of the trade that they are nearest to.
 */
final class ComplaintTokens {
    /** What every negation is compared by. */
    static final String NOT = "not";

    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}'’]+|[,.;:!?()–—]|\\s-\\s");
    private static final Set<String> NEGATIONS = words("""
            aint arent cannot cant couldnt didnt doesnt dont hasnt havent isnt neither never no none nor not
            wasnt werent without wont wouldnt""");
    private static final Set<String> HEDGES = words("""
            apparently believe guess maybe might perhaps possibly probably reckon reckons seem seems somehow
            sounds suppose think thinks unsure wonder""");
    private static final Set<String> LIGHT = words("""
            a about absolutely after again ago all also although always an and any anything are as at be because
            been before being bit but by can completely could couple day days did do does even few for from get
            gets getting going got had hand has have he hello her hes hey hi him his how however i id if im in
            inside into is it its ive just keep keeps kept kind know last like little looking lot machine man me
            measure measured measures meter mine model month months more morning most much my need needs new
            notice noticed now number of off oh ok okay old on one only or our out please quite read reading
            reads really run runs said same say says seem serial she should shows side since so some something
            sort still suddenly sure tell than thanks that thats the their them then there theres these they
            thing think this though time times to today told too totally until up us utterly very want wants was
            we week weeks well were weve what whats when whenever which while who whole wholly will with within
            would year years yes yesterday yet you your""");
    private static final Set<String> CLAUSES = words("""
            although but except however though yet""");
    private static final Set<String> SCOPES = words("""
            and because so then while""");

    /** The longest ending that a stem may have lost. */
    private static final int ENDING = 3;

    private final Map<String, String> same = new HashMap<>();
    private final Set<String> trade = new HashSet<>();
    private final EnglishStemmer stemmer = new EnglishStemmer();

    /**
     * A word.
     *
     * @param stem what it is compared by
     * @param from first character in the text
     * @param to after its last
     * @param clause running number of the clause it stands in
     * @param scope running number of how far a negation reaches; within a clause
     */
    record Word(String plain, String stem, int from, int to, int clause, int scope) {
        boolean negates() {
            return stem.equals(NOT);
        }

        boolean hedges() {
            return HEDGES.contains(plain);
        }

        /** Whether it is the same word but for its ending. */
        boolean isWrittenAs(String said) {
            return said.startsWith(plain) || plain.startsWith(said);
        }

        boolean isLight() {
            return LIGHT.contains(plain) || negates() || hedges();
        }

        /** Whether the word carries a negation before it on: "no thumps or squeals". */
        boolean continues() {
            return plain.equals("or") || plain.equals("nor");
        }
    }

    private static Set<String> words(String text) {
        return Set.of(text.trim().split("\\s+"));
    }

    /** Words of which the first of each group stands for the group. */
    ComplaintTokens(List<List<String>> sameWords) {
        for (List<String> group : sameWords) {
            for (String word : group) {
                same.put(stem(word.toLowerCase(Locale.ROOT)), stem(group.get(0).toLowerCase(Locale.ROOT)));
            }
        }
        same.keySet().forEach(trade::add);
    }

    /** The words of a phrase of the trade; from now on they are words that others may be a misspelling of. */
    synchronized List<Word> learn(String phrase) {
        List<Word> words = split(phrase, this::stemmed);
        words.stream().filter(w -> !w.isLight()).map(Word::stem).forEach(trade::add);
        return words;
    }

    /** The words of what a caller says. */
    synchronized List<Word> of(String text) {
        return split(text, this::heard);
    }

    /** Whether it is a word that phrases of the trade are made of. */
    boolean isOfTrade(Word word) {
        return !word.isLight() && trade.contains(word.stem);
    }

    private List<Word> split(String text, UnaryOperator<String> compared) {
        List<Word> words = new ArrayList<>();
        int clause = 0;
        int scope = 0;
        Matcher matcher = WORD.matcher(text);
        while (matcher.find()) {
            String plain = matcher.group().toLowerCase(Locale.ROOT).replaceAll("['’]", "");
            scope += SCOPES.contains(plain) ? 1 : 0;
            if (plain.isBlank() || !Character.isLetterOrDigit(plain.codePointAt(0))) {
                clause++;
                continue;
            }
            words.add(new Word(plain, compared.apply(plain), matcher.start(), matcher.end(), clause, scope));
            clause += CLAUSES.contains(plain) ? 1 : 0;
        }
        return words;
    }

    private String stemmed(String plain) {
        String stem = stem(plain);
        return NEGATIONS.contains(plain) ? NOT : same.getOrDefault(stem, stem);
    }

    /** The stem of a caller's word: of one that is no word of the trade, that of the word it is a slip of. */
    private String heard(String plain) {
        String stem = stemmed(plain);
        boolean strange =
                !stem.equals(NOT) && !trade.contains(stem) && !LIGHT.contains(plain) && !EnglishWords.knows(plain);
        return strange && plain.length() >= 4 && plain.chars().allMatch(Character::isLetter)
                ? mended(plain, stem)
                : stem;
    }

    private String stem(String plain) {
        stemmer.setCurrent(plain);
        stemmer.stem();
        return stemmer.getCurrent();
    }

    /**
     * The word of the trade that differs by one slip (by two from eight letters on) and begins alike or with its first
     * two letters swapped; the word itself when there is none or several.
     */
    private String mended(String plain, String stem) {
        int most = stem.length() >= 7 ? 2 : 1;
        String best = stem;
        int least = most + 1;
        boolean several = false;
        for (String known : trade) {
            if (known.length() < Math.max(4, plain.length() - ENDING)
                    || Math.abs(known.length() - stem.length()) > most
                    || !alike(known, stem)) {
                continue;
            }
            int slips = Slips.between(known, stem);
            if (slips < least) {
                least = slips;
                best = known;
                several = false;
            } else if (slips == least) {
                several = several || !meant(known).equals(meant(best));
            }
        }
        return least > most || several ? stem : meant(best);
    }

    private String meant(String stem) {
        return same.getOrDefault(stem, stem);
    }

    private static boolean alike(String known, String stem) {
        return known.charAt(0) == stem.charAt(0)
                || known.charAt(0) == stem.charAt(1) && known.charAt(1) == stem.charAt(0);
    }
}
