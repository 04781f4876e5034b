package synopta.core.sale;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import synopta.core.casefile.PartRequest;
import synopta.core.catalog.Fuel;
import synopta.core.diagnosis.ParsedComplaint;
import synopta.core.knowledge.Basis;
import synopta.core.knowledge.Job;
import synopta.core.knowledge.Pack;
import synopta.core.knowledge.SellingRule;

/** What the jobs of a case take: requests for what goes into the bag, and offers beside it. */
final class JobRequests {
    /** A part that is likelier than this to wear out within the planning horizon is renewed with all that wears. */
    private static final double WEARS_SOON = 0.1;

    private final Pack pack;
    private final Optional<MachineParts> machine;
    private final List<ParsedComplaint.Wanted> wanted;
    private final List<ParsedComplaint.Wanted> jobs;
    private final Set<Fuel> fuels;
    private final @Nullable Double ageYears;
    private final int horizonYears;

    /**
     * Jobs of a machine.
     *
     * @param wanted jobs that are asked for
     * @param fuels that the machine may burn
     * @param ageYears null while it is not known: then all that wears is renewed
     * @param horizonYears for which parts are to last
     */
    JobRequests(
            Pack pack,
            Optional<MachineParts> machine,
            List<ParsedComplaint.Wanted> wanted,
            Set<Fuel> fuels,
            @Nullable Double ageYears,
            int horizonYears) {
        this.pack = pack;
        this.machine = machine;
        this.fuels = fuels;
        this.ageYears = ageYears;
        this.horizonYears = horizonYears;
        this.wanted = wanted;
        jobs = wanted.stream().filter(this::isOfMachine).toList();
    }

    /** Each job with what to say of it; first what speaks against it. */
    List<JobPlan> plans() {
        return wanted.stream().map(this::plan).toList();
    }

    private boolean isOfMachine(ParsedComplaint.Wanted wanted) {
        return wanted.job().fuels().stream().anyMatch(fuels::contains);
    }

    private JobPlan plan(ParsedComplaint.Wanted wanted) {
        Job job = wanted.job();
        boolean isHere = isOfMachine(wanted);
        String ask = isHere
                ? against(job)
                : "The machine burns no gas: check the model number, and ask which machine it is for.";
        return new JobPlan(
                job.id(), job.name(), wanted.phrase(), job.licensed(), ask, isHere ? job.notes() : List.of());
    }

    /** What speaks against a job, or what it leaves open. */
    private @Nullable String against(Job job) {
        return job.to() != null && fuels.equals(Set.of(job.to()))
                ? "By the catalog this model burns %s already: ask which gas it is set for today."
                        .formatted(job.to() == Fuel.LP ? "LP" : "natural gas")
                : job.ask();
    }

    /**
     * With what the caller named. A name that a job asks for in all its meanings is asked for as the job has it; one of
     * them settles which meaning is meant.
     */
    List<PartRequest> with(List<PartRequest> named) {
        List<PartRequest> ofJobs = jobs.stream().flatMap(this::requests).toList();
        Set<String> types =
                ofJobs.stream().flatMap(request -> request.partTypes().stream()).collect(Collectors.toSet());
        List<PartRequest> requests = new ArrayList<>();
        for (PartRequest request : named) {
            List<String> meant =
                    request.partTypes().stream().filter(types::contains).toList();
            if (meant.isEmpty()) {
                requests.add(request);
            } else if (request.pieces() != null) {
                requests.add(request.of(meant));
            }
        }
        Set<String> said =
                requests.stream().flatMap(r -> r.partTypes().stream()).collect(Collectors.toSet());
        ofJobs.stream().filter(r -> said.add(r.partTypes().get(0))).forEach(requests::add);
        return requests;
    }

    private Stream<PartRequest> requests(ParsedComplaint.Wanted wanted) {
        Job job = wanted.job();
        return job.needs().stream()
                .filter(piece -> isThere(piece) && isDue(job, piece))
                .map(piece -> PartRequest.ofJob(
                        piece.partType(), job.reason(), wanted.phrase(), "%s: %s".formatted(job.name(), piece.why())));
    }

    /** What may be needed, and what is not likely to wear out soon. */
    List<SellingRule.Companion> offers() {
        List<SellingRule.Companion> offers = new ArrayList<>();
        for (ParsedComplaint.Wanted wanted : jobs) {
            Job job = wanted.job();
            job.needs().stream()
                    .filter(piece -> !isDue(job, piece))
                    .forEach(piece -> offers.add(offer(job.basis(), piece.partType(), "Not likely to wear out soon.")));
            job.offers().forEach(piece -> offers.add(offer(job.basis(), piece.partType(), piece.why())));
        }
        return offers;
    }

    private static SellingRule.Companion offer(Basis basis, String partType, String why) {
        return new SellingRule.Companion(partType, null, null, why, basis);
    }

    private boolean isThere(Job.Piece piece) {
        return !piece.ifListed() || machine.filter(m -> m.has(piece.partType())).isPresent();
    }

    private boolean isDue(Job job, Job.Piece piece) {
        return !job.byAge()
                || ageYears == null
                || pack.partType(piece.partType())
                                .orElseThrow()
                                .life()
                                .failsWithin(ageYears, horizonYears)
                                .value()
                        > WEARS_SOON;
    }
}
