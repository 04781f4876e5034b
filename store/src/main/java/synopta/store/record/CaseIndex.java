package synopta.store.record;

import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import synopta.core.casefile.CaseInput;
import synopta.core.casefile.PhoneNumbers;
import synopta.core.catalog.ModelNumber;
import synopta.core.catalog.NumberNormalizer;
import synopta.core.catalog.PartNumber;
import synopta.core.record.CaseContent;

/** The words by which a case is found: all that was said in it, and its numbers both as written and without their signs. */
final class CaseIndex {
    private static final int LONGEST = 80;
    /** What may be a phone number or the beginning of one. */
    private static final Pattern DIGITS = Pattern.compile("\\d{4,10}");

    private static final String SEPARATORS = "[^\\p{L}\\p{N}]+";

    private CaseIndex() {}

    /** All that was said, and of whom, in small letters. */
    static String text(long number, String day, CaseContent content) {
        CaseInput draft = content.input();
        Stream<String> numbers = Stream.concat(
                Optional.ofNullable(draft.model()).map(ModelNumber::written).stream(),
                Stream.concat(
                        Stream.ofNullable(draft.serial()),
                        content.lines().stream().map(CaseContent.Line::part).map(PartNumber::written)));
        return String.join(
                        " ",
                        Stream.of(
                                        Stream.of(String.valueOf(number), day, draft.line()),
                                        Stream.ofNullable(content.complaint()),
                                        numbers.flatMap(written -> Stream.of(written, NumberNormalizer.key(written))),
                                        Stream.ofNullable(content.specialist()),
                                        Stream.ofNullable(content.readTo()),
                                        Stream.ofNullable(content.customer().name()),
                                        Stream.ofNullable(content.customer().phone()),
                                        Stream.ofNullable(draft.shopping().branch()),
                                        Optional.ofNullable(draft.appliance()).map(a -> a.slug()).stream())
                                .flatMap(words -> words)
                                .toList())
                .toLowerCase(Locale.ROOT);
    }

    /** The words of a text, each once, cut at {@value #LONGEST} characters; phone numbers as digits too. */
    static Set<String> of(String text) {
        Set<String> words = split(text);
        words.addAll(PhoneNumbers.digitsIn(text));
        return words;
    }

    private static Set<String> split(String text) {
        Set<String> words = new LinkedHashSet<>();
        for (String word : text.toLowerCase(Locale.ROOT).split(SEPARATORS)) {
            if (!word.isEmpty()) {
                words.add(word.substring(0, Math.min(word.length(), LONGEST)));
            }
        }
        return words;
    }

    /** What is searched for: words by their beginnings, and pieces with signs inside that must stand there just so. */
    record Asked(List<String> words, List<String> asTheyStand) {
        static Asked of(String query) {
            List<String> pieces = Arrays.stream(PhoneNumbers.asDigits(query.toLowerCase(Locale.ROOT))
                            .strip()
                            .split("\\s+"))
                    .filter(piece -> !piece.isEmpty())
                    .toList();
            return new Asked(
                    pieces.stream()
                            .flatMap(piece -> split(piece).stream())
                            .distinct()
                            .toList(),
                    pieces.stream()
                            .filter(piece -> !split(piece).equals(Set.of(piece)))
                            .toList());
        }

        /** The same without words that need no looking for any more. */
        Asked without(Collection<String> met) {
            return new Asked(words.stream().filter(word -> !met.contains(word)).toList(), asTheyStand);
        }

        /** Whether a text in small letters has every word by its beginning, and every piece as it stands. */
        boolean isIn(String text) {
            return words.stream().allMatch(word -> begins(text, word) || isPhone(text, word))
                    && asTheyStand.stream().allMatch(text::contains);
        }

        private static boolean isPhone(String text, String word) {
            return DIGITS.matcher(word).matches()
                    && PhoneNumbers.digitsIn(text).stream().anyMatch(phone -> phone.startsWith(word));
        }

        private static boolean begins(String text, String word) {
            int at = text.indexOf(word);
            while (at > 0 && Character.isLetterOrDigit(text.charAt(at - 1))) {
                at = text.indexOf(word, at + 1);
            }
            return at >= 0;
        }
    }
}
