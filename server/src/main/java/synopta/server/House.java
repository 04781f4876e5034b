package synopta.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.EnableScheduling;
import synopta.core.basket.BasketPlanner;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.Model;
import synopta.core.catalog.Sheet;
import synopta.core.counter.CaseDesk;
import synopta.core.counter.CaseLog;
import synopta.core.counter.Counter;
import synopta.core.counter.LearningDesk;
import synopta.core.counter.OpeningDesk;
import synopta.core.counter.OutcomeDesk;
import synopta.core.fit.FitFinder;
import synopta.core.fit.PartBook;
import synopta.core.fit.Specifications;
import synopta.core.fit.WhereUsed;
import synopta.core.handover.HandOver;
import synopta.core.order.OrderDesk;
import synopta.core.order.PromiseLog;
import synopta.core.order.QuoteDesk;
import synopta.core.order.QuoteLog;
import synopta.core.outcome.LearntLayer;
import synopta.core.outcome.LearntLog;
import synopta.core.outcome.OutcomeLog;
import synopta.demo.DemoCatalogue;
import synopta.demo.DemoYear;
import synopta.formats.knowledge.PackReader;
import synopta.formats.knowledge.PackRefused;
import synopta.formats.knowledge.WeightsReader;
import synopta.server.catalog.Intake;
import synopta.server.order.StandInFeed;
import synopta.store.Store;
import synopta.store.catalog.CatalogStore;
import synopta.store.house.HouseRuleStore;

/** Puts the rooms of the core together over one data folder. */
@Configuration
@EnableScheduling
class House {
    private static final Logger LOG = LoggerFactory.getLogger(House.class);
    private static final long DEMO_SEED = 7;

    @Bean
    Store store(@Value("${synopta.data}") String data, @Value("${synopta.demo}") boolean demo) throws IOException {
        if (data.isBlank()) {
            throw new IllegalArgumentException("No data folder was named. Start with ./synopta serve --data DIR.");
        }
        Path folder = Files.createDirectories(Path.of(data));
        Store store = Store.inFolder(folder);
        if (demo && store.catalogStore().count(Sheet.MODELS) == 0) {
            store.catalogStore().replace(DemoCatalogue.of(DEMO_SEED, DemoCatalogue.MODELS));
        }
        return store;
    }

    @Bean
    CatalogStore catalog(Store store) {
        return store.catalogStore();
    }

    @Bean
    CaseLog caseLog(Store store) {
        return store.cases();
    }

    @Bean
    Packs packs(@Value("${synopta.knowledge}") Path folder, LearntLog learnt) throws IOException {
        PackReader.Loaded loaded = PackReader.folder(folder);
        loaded.refused().forEach(refused -> LOG.warn("A knowledge pack was refused and is left out.\n{}", refused));
        LearntLayer layer = learnt.last().map(LearntLog.Version::layer).orElseGet(() -> new LearntLayer(List.of()));
        return new Packs(loaded.packs(), loaded.refused(), layer);
    }

    @Bean
    TagReaders tagReaders(Catalog catalog, Packs packs, @Value("${synopta.knowledge}") Path folder)
            throws IOException, PackRefused {
        return new TagReaders(catalog, packs, WeightsReader.folder(folder));
    }

    @Bean
    Intake intake(CatalogStore catalogue, TagReaders readers) {
        return new Intake(catalogue, readers::refresh);
    }

    @Bean
    HouseRuleStore houseRules(Store store) {
        return store.house();
    }

    @Bean
    Specifications specifications(Packs packs) {
        return new Specifications(packs.all());
    }

    @Bean
    FitFinder fitFinder(Catalog catalog, Specifications specifications, HouseRuleStore rules, Clock clock) {
        return new FitFinder(catalog, specifications, rules, clock);
    }

    @Bean
    WhereUsed whereUsed(Catalog catalog, HouseRuleStore rules) {
        return new WhereUsed(catalog, rules);
    }

    @Bean
    PartBook partBook(Catalog catalog, Specifications specifications, HouseRuleStore rules) {
        return new PartBook(catalog, specifications, rules);
    }

    @Bean
    BasketPlanner basketPlanner(Catalog catalog, @Value("${synopta.currency}") String currency) {
        return new BasketPlanner(catalog, currency);
    }

    @Bean
    HandOver handOver(Packs packs, Catalog catalog) {
        return new HandOver(packs.all(), catalog);
    }

    @Bean
    Counter counter(
            Catalog catalog,
            TagReaders readers,
            Packs packs,
            FitFinder finder,
            HouseRuleStore rules,
            @Value("${synopta.currency}") String currency,
            Clock clock) {
        Counter counter = new Counter(catalog, readers, packs.all(), finder, rules, currency, clock);
        packs.told(counter::know);
        return counter;
    }

    @Bean
    QuoteLog quoteLog(Store store) {
        return store.quotes();
    }

    @Bean
    PromiseLog promiseLog(Store store) {
        return store.promises();
    }

    @Bean
    StandInFeed supplierFeed(Catalog catalog) {
        return new StandInFeed(catalog);
    }

    @Bean
    QuoteDesk quoteDesk(
            Catalog catalog,
            QuoteLog log,
            HouseRuleStore rules,
            Clock clock,
            @Value("${synopta.currency}") String currency) {
        return new QuoteDesk(catalog, log, rules, clock, currency);
    }

    @Bean
    OrderDesk orderDesk(Catalog catalog, PromiseLog log, StandInFeed feed, Clock clock) {
        return new OrderDesk(catalog, log, feed, clock);
    }

    @Bean
    OpeningDesk openingDesk(
            Catalog catalog,
            Packs packs,
            FitFinder finder,
            HouseRuleStore rules,
            @Value("${synopta.currency}") String currency) {
        OpeningDesk desk = new OpeningDesk(catalog, packs.all(), finder, rules, currency);
        packs.told(desk::know);
        return desk;
    }

    @Bean
    CaseDesk caseDesk(CaseLog log, Counter counter, Catalog catalog, HandOver handOver) {
        return new CaseDesk(log, counter, catalog, handOver);
    }

    @Bean
    OutcomeLog outcomeLog(Store store) {
        return store.outcomes();
    }

    @Bean
    OutcomeDesk outcomeDesk(OutcomeLog log, Counter counter) {
        return new OutcomeDesk(log, counter);
    }

    @Bean
    LearntLog learntLog(Store store) {
        return store.learnt();
    }

    @Bean
    LearningDesk learningDesk(
            Packs packs, TagReaders readers, Catalog catalog, CaseLog cases, OutcomeLog outcomes, LearntLog learnt) {
        return new LearningDesk(packs.shipped(), readers.shipped(), catalog, cases, outcomes, learnt);
    }

    /** The demo's year of cases, before the house opens, where there is none yet. */
    @Bean
    ApplicationRunner history(
            @Value("${synopta.history}") int wanted,
            Catalog catalog,
            CaseLog cases,
            OutcomeDesk desk,
            Packs packs,
            Store store,
            Clock clock) {
        return arguments -> {
            if (wanted > 0 && cases.find(1).isEmpty()) {
                List<Model> models = new ArrayList<>();
                catalog.eachModel(models::add);
                LocalDate yesterday =
                        LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC).minusDays(1);
                store.together(() ->
                        DemoYear.write(catalog, models, packs.shipped(), cases, desk, DEMO_SEED, wanted, yesterday));
            }
        };
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    /** The counts are read in beforehand, so that nobody waits for them. */
    @EventListener
    void readIn(ApplicationReadyEvent event) {
        CompletableFuture.runAsync(event.getApplicationContext().getBean(OutcomeLog.class)::told);
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof WebServerApplicationContext web) {
            String address = web.getEnvironment().getProperty("server.address", "127.0.0.1");
            LOG.info(
                    "Synopta is ready at http://{}:{}",
                    address,
                    web.getWebServer().getPort());
        }
    }
}
