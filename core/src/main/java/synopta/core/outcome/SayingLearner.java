package synopta.core.outcome;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import synopta.core.catalog.Appliance;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Pack;

/** What confirmed and rejected readings of callers' words teach: new sayings. */
public final class SayingLearner {
    /** What was confirmed fewer times may be one caller's own way of speaking. */
    private static final int FEWEST = 2;

    /** Words that were so often rejected in that sense mean it no more. */
    private static final double SHARE = 0.75;

    private static final int LONGEST = 400;

    private SayingLearner() {}

    /**
     * A reading of some words that was confirmed or rejected.
     *
     * @param number number of the case
     * @param appliance what it is about
     * @param finding id of the finding
     * @param answer slug of the answer
     * @param words the caller's
     * @param confirmed whether the words were taken to say so; else that they do not
     */
    public record Told(
            long number, Appliance appliance, String finding, String answer, String words, boolean confirmed) {}

    /** What would be added to the packs: words that were confirmed often enough, and seldom rejected. */
    public static List<Proposal> proposals(Collection<Pack> packs, Collection<Told> told) {
        List<Proposal> proposals = new ArrayList<>();
        for (Pack pack : packs) {
            Map<String, List<Told>> bySubject = new TreeMap<>();
            told.stream()
                    .filter(t ->
                            t.appliance == pack.appliance() && !plain(t.words).isEmpty())
                    .forEach(t -> bySubject
                            .computeIfAbsent(subject(t.finding, t.answer, plain(t.words)), s -> new ArrayList<>())
                            .add(t));
            bySubject.forEach((subject, of) -> pack.finding(of.get(0).finding)
                    .filter(finding -> finding.knows(of.get(0).answer))
                    .ifPresent(finding -> add(proposals, pack, finding, subject, of)));
        }
        return proposals;
    }

    private static void add(List<Proposal> proposals, Pack pack, Finding finding, String subject, List<Told> told) {
        List<Long> confirmed = told.stream()
                .filter(Told::confirmed)
                .map(Told::number)
                .distinct()
                .toList();
        List<Long> rejected = told.stream()
                .filter(t -> !t.confirmed)
                .map(Told::number)
                .distinct()
                .toList();
        double share = (double) confirmed.size() / (confirmed.size() + rejected.size());
        Finding.Answer answer = finding.answer(told.get(0).answer);
        String words = plain(told.get(0).words);
        if (confirmed.size() >= FEWEST && share >= SHARE && !answer.said().contains(words)) {
            proposals.add(proposal(
                    pack,
                    finding,
                    answer,
                    words,
                    Interval.wilson(confirmed.size(), confirmed.size() + rejected.size()),
                    SupportingCases.of(confirmed, rejected)));
        }
    }

    /**
     * A saying as somebody adds it.
     *
     * @throws IllegalArgumentException when it says nothing, is too long, or stands there already
     */
    public static Proposal added(Pack pack, Finding finding, String answer, String words) {
        String plain = plain(words);
        if (plain.isEmpty() || plain.length() > LONGEST) {
            throw new IllegalArgumentException("Enter what callers say, in at most %d characters.".formatted(LONGEST));
        }
        Finding.Answer is = finding.answer(answer);
        if (is.said().contains(plain)) {
            throw new IllegalArgumentException("“%s” is a saying of this answer already.".formatted(plain));
        }
        return proposal(pack, finding, is, plain, new Interval(1, 1), SupportingCases.of(List.of(), List.of()));
    }

    private static Proposal proposal(
            Pack pack,
            Finding finding,
            Finding.Answer answer,
            String words,
            Interval interval,
            SupportingCases support) {
        return Proposal.of(
                ParameterKind.SAYING,
                pack.appliance(),
                subject(finding.id(), answer.slug(), words),
                "“%s” means: %s".formatted(words, answer.words()),
                0,
                1,
                interval,
                support,
                1);
    }

    /** The subject of a saying. */
    public static String subject(String finding, String answer, String words) {
        return String.join("|", finding, answer, words);
    }

    /** Lower case, no bars, single spaces. */
    static String plain(String words) {
        return words.toLowerCase(Locale.ROOT)
                .replace('|', ' ')
                .replaceAll("\\s+", " ")
                .strip()
                .replaceAll("^[\\p{P}\\s]+|[\\p{P}\\s]+$", "");
    }
}
