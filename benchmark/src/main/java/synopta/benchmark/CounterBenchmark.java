package synopta.benchmark;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import synopta.core.catalog.Appliance;
import synopta.core.catalog.Model;
import synopta.demo.DemoCatalog;
import synopta.store.Store;

/**
 * What a counter call and a save cost the processor, and what fifty counters at once wait, over real HTTP. The baseline
 * is one counter alone. Counters think for two seconds on average between calls, exponentially distributed.
 */
final class CounterBenchmark {
    private static final int MODELS = 20_000;
    private static final int COUNTERS = 50;
    private static final int WARM_UP = 1_200;
    private static final int GROUPS = 60;
    private static final int GROUP = 10;
    private static final int SECONDS = 60;
    private static final double THINKING = 2_000;
    private static final List<Said> SAID = List.of(
            new Said(Appliance.DRYER, "thumps, no heat, %d yrs"),
            new Said(Appliance.RANGE, "oven will not heat, %d yrs"),
            new Said(Appliance.DISHWASHER, "leaves water standing in the bottom, %d yrs"),
            new Said(Appliance.DRYER, "squeals when it turns, %d yrs"),
            new Said(Appliance.MICROWAVE, "runs but nothing gets hot, %d yrs"));

    private record Said(Appliance appliance, String complaint) {}

    private final ServedHouse house;
    private final Map<Appliance, List<Model>> models;
    private final AtomicInteger refused = new AtomicInteger();

    private CounterBenchmark(ServedHouse house, List<Model> models) {
        this.house = house;
        this.models = models.stream().collect(Collectors.groupingBy(Model::appliance));
    }

    static void run(Path knowledge, Scale scale) throws IOException, InterruptedException {
        try (ScratchFolder data = new ScratchFolder("counter-benchmark")) {
            List<Model> models = new ArrayList<>();
            try (Store store = Store.inFolder(data.path())) {
                store.catalogStore()
                        .replace(DemoCatalog.of(DemoCatalog.SEED, Math.max(DemoCatalog.MODELS, scale.of(MODELS))));
                store.catalog().eachModel(models::add);
            }
            models.sort(Comparator.comparing(model -> model.number().key()));
            try (ServedHouse house = ServedHouse.on(data.path(), knowledge)) {
                new CounterBenchmark(house, models).measured(scale);
            }
        }
    }

    private void measured(Scale scale) throws IOException, InterruptedException {
        Random random = new Random(3);
        cost(random, scale.of(WARM_UP));
        List<Cost> costs = new ArrayList<>();
        List<Double> alone = new ArrayList<>();
        for (int group = 0; group < scale.of(GROUPS); group++) {
            Cost cost = cost(random, GROUP);
            costs.add(cost);
            alone.addAll(cost.times);
        }
        System.out.printf(
                Locale.ROOT,
                "counter: %,d models; processor, median of groups of %d: a counter call %.1f ms, a save %.1f ms%n",
                models.values().stream().mapToInt(List::size).sum(),
                GROUP,
                percentile(costs.stream().map(Cost::call).toList(), 50),
                percentile(costs.stream().map(Cost::save).toList(), 50));
        crowded(scale, alone);
    }

    private void crowded(Scale scale, List<Double> alone) throws InterruptedException {
        List<Double> many = together(scale.of(SECONDS), THINKING);
        print("one counter alone", alone);
        print(COUNTERS + " counters, thinking", many);
        List<Double> full = together(scale.of(SECONDS / 2), 0);
        print(COUNTERS + " counters, no thinking", full);
        System.out.printf(
                Locale.ROOT,
                "all the calls it can take: %.0f a second%n",
                full.size() / (double) scale.of(SECONDS / 2));
        System.out.printf(
                Locale.ROOT,
                "counter: %d refused; ratio of the 95th percentile of %d counters to that of one %.2f%n",
                refused.get(),
                COUNTERS,
                percentile(many, 95) / percentile(alone, 95));
    }

    /** Milliseconds of processor of a call and of a save, and how long each call took. */
    private record Cost(double call, double save, List<Double> times) {}

    /** So many calls, then the saving of the same cases: what is saved was on the screen just before. */
    private Cost cost(Random random, int count) throws IOException, InterruptedException {
        List<String> bodies = Stream.generate(() -> body(random)).limit(count).toList();
        List<Double> times = new ArrayList<>();
        double start = house.processorMilliseconds();
        for (String body : bodies) {
            times.add(call(body));
        }
        double called = house.processorMilliseconds();
        for (String body : bodies) {
            save(body);
        }
        return new Cost((called - start) / count, (house.processorMilliseconds() - called) / count, times);
    }

    private String body(Random random) {
        Said said = SAID.get(random.nextInt(SAID.size()));
        List<Model> fitting = models.get(said.appliance);
        Model model = fitting.get(random.nextInt(fitting.size()));
        return "{\"line\":\"%s %s\",\"status\":\"open\"}"
                .formatted(model.number(), said.complaint.formatted(1 + random.nextInt(15)));
    }

    private double call(String body) throws IOException, InterruptedException {
        return answered(house.send("POST", "/api/counter", body.replace(",\"status\":\"open\"", "")));
    }

    private double save(String body) throws IOException, InterruptedException {
        return answered(house.send("POST", "/api/cases", body));
    }

    private double answered(ServedHouse.Timed answer) {
        if (answer.status() >= 300) {
            refused.incrementAndGet();
        }
        return answer.milliseconds();
    }

    /** Counters at once, each with calls of its own: five calls, then a save. */
    private List<Double> together(int seconds, double thinking) throws InterruptedException {
        List<Double> times = Collections.synchronizedList(new ArrayList<>());
        long end = System.nanoTime() + seconds * 1_000_000_000L;
        List<Thread> counters = new ArrayList<>();
        for (int counter = 0; counter < COUNTERS; counter++) {
            Random random = new Random(100 + counter);
            Thread thread = new Thread(() -> {
                try {
                    for (int i = 0; System.nanoTime() < end; i++) {
                        Thread.sleep((long) (-thinking * Math.log(1 - random.nextDouble())));
                        String body = body(random);
                        times.add(call(body));
                        if (i % 5 == 4) {
                            save(body);
                        }
                    }
                } catch (IOException | InterruptedException e) {
                    refused.incrementAndGet();
                }
            });
            counters.add(thread);
            thread.start();
        }
        for (Thread counter : counters) {
            counter.join();
        }
        return times;
    }

    private static void print(String what, List<Double> times) {
        System.out.printf(
                Locale.ROOT,
                "%-24s %6d calls, p50 %5.0f ms, p95 %5.0f ms, p99 %5.0f ms%n",
                what,
                times.size(),
                percentile(times, 50),
                percentile(times, 95),
                percentile(times, 99));
    }

    private static double percentile(List<Double> times, int percent) {
        List<Double> sorted = times.stream().sorted().toList();
        return sorted.isEmpty() ? 0 : sorted.get(Math.min(sorted.size() - 1, sorted.size() * percent / 100));
    }
}
