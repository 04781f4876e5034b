package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import synopta.core.knowledge.Finding;
import synopta.core.knowledge.Job;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.PartType;
import synopta.core.knowledge.StandardAnswer;

/**
 * Hears the caller's own words. A phrase of the pack is heard when its words stand in one clause in their order, with at
 * most {@value Phrase#GAP} others between two of them, and in a short phrase none of those a word of the trade; phrases
 * of more words are heard first, and a word serves once. A negation in between or shortly before turns the answer round, "or" carries it
 * on, and "I think" in the clause makes it unsure. What remains is searched for parts' names. Cost O(phrases x words).
 */
final class ComplaintParser {
    /** The longest complaint that is listened to, in characters. */
    static final int LONGEST = 20_000;

    private final ComplaintTokens words;
    private final ReadingParser figures;
    private final ConditionsParser conditions;
    private final PartQuestions questions;
    private final List<Phrase<StandardAnswer>> doubts = new ArrayList<>();
    private final List<Phrase<Job>> jobs = new ArrayList<>();
    private final List<Phrase<Said>> signs = new ArrayList<>();
    private final List<Phrase<List<String>>> names = new ArrayList<>();

    /** An answer as the pack has it, and what the contrary is, where there is one. */
    private record Said(Finding finding, int level) {
        Evidence evidence(ComplaintParse.At at) {
            int meant = !at.negated() ? level : level > 0 ? 0 : 1;
            return new Evidence(finding.id(), finding.answers().get(meant).slug(), !at.hedged());
        }
    }

    /** What was heard of a finding, and in how many words. */
    private record Candidate(ParsedComplaint.Heard heard, boolean telling, int words) {
        static Candidate of(Said said, ComplaintParse.At at) {
            Evidence evidence = said.evidence(at);
            ParsedComplaint.Heard heard = new ParsedComplaint.Heard(evidence, 1, at.phrase(), at.from(), at.to());
            return new Candidate(heard, said.finding.level(evidence.answer()) > 0, at.words());
        }

        /** Of two telling answers that said in more words counts; else the later, as people correct themselves. */
        Candidate over(Candidate other) {
            if (telling && other.telling && words != other.words) {
                return words > other.words ? this : other;
            }
            return heard.from() > other.heard.from() ? this : other;
        }
    }

    /** Listens for the phrases of this pack. */
    ComplaintParser(Pack pack) {
        words = new ComplaintTokens(pack.sameWords());
        figures = new ReadingParser(pack);
        conditions = new ConditionsParser(pack);
        questions = new PartQuestions(pack);
        for (Finding finding : pack.findings()) {
            for (int level = 0; level < finding.answers().size(); level++) {
                for (String said : finding.answers().get(level).said()) {
                    signs.add(new Phrase<>(new Said(finding, level), words.learn(said)));
                }
            }
        }
        for (StandardAnswer right : pack.rights()) {
            right.said().forEach(said -> doubts.add(new Phrase<>(right, words.learn(said))));
        }
        for (Job job : pack.jobs()) {
            job.said().forEach(said -> jobs.add(new Phrase<>(job, words.learn(said))));
        }
        Map<String, TreeSet<String>> called = new LinkedHashMap<>();
        for (PartType type : pack.partTypes()) {
            called.computeIfAbsent(type.name(), n -> new TreeSet<>()).add(type.slug());
            type.called()
                    .forEach(name ->
                            called.computeIfAbsent(name, n -> new TreeSet<>()).add(type.slug()));
        }
        called.forEach((name, types) -> names.add(new Phrase<>(List.copyOf(types), words.learn(name))));
    }

    /** What the complaint says; what stands after the first {@value #LONGEST} characters is not listened to. */
    ParsedComplaint hear(String complaint) {
        ComplaintParse ear = new ComplaintParse(complaint.substring(0, Math.min(complaint.length(), LONGEST)), words);
        List<ParsedComplaint.Doubt> doubted = new ArrayList<>();
        ear.each(doubts, (right, at) -> doubted.add(new ParsedComplaint.Doubt(right, at.phrase(), at.from(), at.to())));
        List<ParsedComplaint.Wanted> wanted = jobs(ear);
        List<MatchResult> readings = figures.said(ear.text());
        ReadingParser.takePlaces(ear, readings);
        Map<String, Candidate> heard = new LinkedHashMap<>();
        ear.each(signs, (said, at) -> heard.merge(said.finding.id(), Candidate.of(said, at), Candidate::over));
        ReadingParser.notice(ear, readings);
        List<ParsedComplaint.Named> named = named(ear);
        ReadingParser.Read read = figures.read(ear, readings, named);
        named.replaceAll(n -> read.parts().contains(n.from()) ? n.mentioned() : n);
        List<ParsedComplaint.Doubt> asked = questions.in(ear.text(), named);
        named.replaceAll(n -> asked.stream().anyMatch(q -> q.from() < n.to() && n.from() < q.to()) ? n.mentioned() : n);
        doubted.addAll(asked);
        return new ParsedComplaint(
                inOrder(heard.values()),
                named,
                read.measured(),
                read.unplaced(),
                conditions.read(ear.text()),
                doubted,
                wanted,
                List.of(),
                List.of(),
                ear.unheard());
    }

    private List<ParsedComplaint.Named> named(ComplaintParse ear) {
        List<ParsedComplaint.Named> named = new ArrayList<>();
        ear.each(
                names,
                (types, at) -> named.add(new ParsedComplaint.Named(types, how(at), at.phrase(), at.from(), at.to())));
        named.sort(Comparator.comparingInt(ParsedComplaint.Named::from));
        return named;
    }

    private List<ParsedComplaint.Wanted> jobs(ComplaintParse ear) {
        List<ParsedComplaint.Wanted> wanted = new ArrayList<>();
        ear.aside(jobs, (job, at) -> want(wanted, job, at));
        wanted.forEach(job -> ear.understood(job.from(), job.to()));
        return wanted;
    }

    /** Each job once, where it is not denied. */
    private static void want(List<ParsedComplaint.Wanted> wanted, Job job, ComplaintParse.At at) {
        if (!at.negated() && wanted.stream().noneMatch(w -> w.job().equals(job))) {
            wanted.add(new ParsedComplaint.Wanted(job, at.phrase(), at.from(), at.to()));
        }
    }

    private static List<ParsedComplaint.Heard> inOrder(Collection<Candidate> heard) {
        return heard.stream()
                .map(Candidate::heard)
                .sorted(Comparator.comparingInt(ParsedComplaint.Heard::from))
                .toList();
    }

    private static ParsedComplaint.Named.How how(ComplaintParse.At at) {
        if (at.told()) {
            return ParsedComplaint.Named.How.MENTIONED;
        }
        return at.negated()
                ? ParsedComplaint.Named.How.DENIED
                : at.renewed() ? ParsedComplaint.Named.How.RENEWED : ParsedComplaint.Named.How.ASKED;
    }

    /** A phrase of the pack and what it means. */
    record Phrase<T>(T meaning, List<ComplaintTokens.Word> words) {
        /** How many words may stand between two of a phrase. */
        static final int GAP = 3;

        /** From so many words on a word of the trade may stand between: "broil element won't heat". */
        private static final int LONG = 3;

        /** Places of the phrase's words, when it begins at this one. */
        Optional<List<Integer>> places(
                List<ComplaintTokens.Word> said, boolean[] used, int start, ComplaintTokens vocabulary) {
            List<Integer> at = new ArrayList<>();
            int i = start;
            for (ComplaintTokens.Word wanted : words) {
                int limit = at.isEmpty() ? start : Math.min(said.size() - 1, i + GAP);
                while (i <= limit && (used[i] || !said.get(i).stem().equals(wanted.stem()))) {
                    boolean another = vocabulary.isOfTrade(said.get(i))
                            && (words.size() < LONG
                                    || said.get(Math.max(0, i - 1)).negates());
                    if (at.isEmpty() || used[i] || another || said.get(i).negates()) {
                        return Optional.empty();
                    }
                    i++;
                }
                if (i > limit || said.get(i).clause() != said.get(start).clause()) {
                    return Optional.empty();
                }
                at.add(i++);
            }
            return Optional.of(at);
        }
    }
}
