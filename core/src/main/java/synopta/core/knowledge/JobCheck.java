package synopta.core.knowledge;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;

/** Finds what does not hold together in the jobs of a pack. */
final class JobCheck {
    private final Pack pack;
    private final BiConsumer<String, String> say;

    JobCheck(Pack pack, BiConsumer<String, String> say) {
        this.pack = pack;
        this.say = say;
    }

    void check() {
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < pack.jobs().size(); i++) {
            Job job = pack.jobs().get(i);
            String path = "jobs[%d]".formatted(i);
            if (!ids.add(job.id())) {
                say.accept(path, "%s is listed twice. Rename one.".formatted(job.id()));
            }
            if (job.said().isEmpty()) {
                say.accept(path + ".said", "nobody can ask for it. Name at least one phrase.");
            }
            pieces(path + ".needs", job.needs());
            pieces(path + ".offers", job.offers());
            for (String finding : job.notSigns()) {
                if (pack.finding(finding).isEmpty()) {
                    say.accept(path + ".notSigns", PackCheck.unknown("finding", finding, pack.findings(), Finding::id));
                }
            }
        }
    }

    private void pieces(String path, List<Job.Piece> pieces) {
        for (int j = 0; j < pieces.size(); j++) {
            String slug = pieces.get(j).partType();
            if (pack.partType(slug).isEmpty()) {
                say.accept(
                        "%s[%d].partType".formatted(path, j),
                        PackCheck.unknown("part type", slug, pack.partTypes(), PartType::slug));
            }
        }
    }
}
