package synopta.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.EnableScheduling;
import synopta.core.account.AccountRepository;
import synopta.core.account.AccountService;
import synopta.core.account.Secrets;
import synopta.core.account.SessionRepository;
import synopta.core.account.SessionService;
import synopta.core.account.TrailRepository;
import synopta.core.account.TrailService;
import synopta.core.basket.BasketPlanner;
import synopta.core.catalog.Catalog;
import synopta.core.catalog.CatalogRepository;
import synopta.core.catalog.PriceCurrency;
import synopta.core.catalog.Sheet;
import synopta.core.counter.Counter;
import synopta.core.fit.FitFinder;
import synopta.core.fit.PartDetails;
import synopta.core.fit.Specifications;
import synopta.core.fit.WhereUsed;
import synopta.core.handover.HandoverPlanner;
import synopta.core.knowledge.CurrentPacks;
import synopta.core.knowledge.SettingsRepository;
import synopta.core.order.OrderService;
import synopta.core.order.QuoteRepository;
import synopta.core.order.QuoteService;
import synopta.core.order.ReservationRepository;
import synopta.core.outcome.OutcomeRepository;
import synopta.core.outcome.ParameterOverrides;
import synopta.core.outcome.ParameterRepository;
import synopta.core.record.CaseRepository;
import synopta.core.record.CaseService;
import synopta.core.review.LearningService;
import synopta.core.review.OutcomeService;
import synopta.core.sale.TeardownService;
import synopta.demo.DemoCatalog;
import synopta.demo.DemoSettings;
import synopta.demo.SimulatedSupplier;
import synopta.formats.knowledge.EditCostsReader;
import synopta.formats.knowledge.PackReader;
import synopta.formats.knowledge.PackRejectedException;
import synopta.server.catalog.ImportService;
import synopta.store.Store;

/** Puts the rooms of the core together over one data folder. */
@Configuration
@EnableScheduling
class ApplicationConfig {
    private static final Logger LOG = LoggerFactory.getLogger(ApplicationConfig.class);

    @Bean
    Store store(@Value("${synopta.data}") String data, @Value("${synopta.demo}") boolean demo) throws IOException {
        if (data.isBlank()) {
            throw new IllegalArgumentException("No data folder was named. Start with ./synopta serve --data DIR.");
        }
        Path folder = Files.createDirectories(Path.of(data));
        Store store = Store.inFolder(folder);
        if (demo && store.catalogStore().count(Sheet.MODELS) == 0) {
            store.catalogStore().replace(DemoCatalog.of(DemoCatalog.SEED, DemoCatalog.MODELS));
            store.house().choose(DemoSettings.SETTINGS);
        }
        return store;
    }

    @Bean
    KnowledgeService packs(@Value("${synopta.knowledge}") Path folder, ParameterRepository learned) throws IOException {
        PackReader.Loaded loaded = PackReader.folder(folder);
        loaded.refused().forEach(refused -> LOG.warn("A knowledge pack has faults and was not loaded.\n{}", refused));
        ParameterOverrides layer = learned.last()
                .map(ParameterRepository.Version::layer)
                .orElseGet(() -> new ParameterOverrides(List.of()));
        return new KnowledgeService(loaded.packs(), loaded.refused(), layer);
    }

    @Bean
    CurrentPacks currentPacks(KnowledgeService packs) {
        return packs.current();
    }

    @Bean
    TagReaders tagReaders(Catalog catalog, KnowledgeService packs, @Value("${synopta.knowledge}") Path folder)
            throws IOException, PackRejectedException {
        return new TagReaders(catalog, packs, EditCostsReader.folder(folder));
    }

    @Bean
    ImportService importService(CatalogRepository catalog, TagReaders readers) {
        return new ImportService(catalog, readers::refresh);
    }

    @Bean
    PriceCurrency priceCurrency(Catalog catalog, SettingsRepository settings) {
        return new PriceCurrency(catalog, () -> settings.get().region().currency());
    }

    @Bean
    Specifications specifications(CurrentPacks packs) {
        return new Specifications(packs);
    }

    @Bean
    FitFinder fitFinder(Catalog catalog, Specifications specifications, SettingsRepository rules, Clock clock) {
        return new FitFinder(catalog, specifications, rules, clock);
    }

    @Bean
    WhereUsed whereUsed(Catalog catalog, SettingsRepository rules) {
        return new WhereUsed(catalog, rules);
    }

    @Bean
    PartDetails partBook(Catalog catalog, Specifications specifications, SettingsRepository rules) {
        return new PartDetails(catalog, specifications, rules);
    }

    @Bean
    BasketPlanner basketPlanner(Catalog catalog, PriceCurrency currency) {
        return new BasketPlanner(catalog, currency);
    }

    @Bean
    HandoverPlanner handOver(CurrentPacks packs, Catalog catalog) {
        return new HandoverPlanner(packs, catalog);
    }

    @Bean
    Counter counter(
            Catalog catalog,
            TagReaders readers,
            CurrentPacks packs,
            Hearing hearing,
            FitFinder finder,
            SettingsRepository rules,
            PriceCurrency currency,
            Clock clock) {
        return new Counter(catalog, readers, packs, hearing.meanings(), finder, rules, currency, clock);
    }

    @Bean
    Hearing hearing(@Value("${synopta.knowledge}") Path folder, KnowledgeService packs) throws IOException {
        return Hearing.of(folder, packs.shipped());
    }

    @Bean
    QuoteService quoteDesk(
            Catalog catalog, QuoteRepository log, SettingsRepository rules, Clock clock, PriceCurrency currency) {
        return new QuoteService(catalog, log, rules, clock, currency);
    }

    @Bean
    OrderService orderDesk(Catalog catalog, ReservationRepository log, SimulatedSupplier feed, Clock clock) {
        return new OrderService(catalog, log, feed, clock);
    }

    @Bean
    AccountService accountDesk(AccountRepository accounts, SessionRepository sessions, Secrets secrets, Clock clock) {
        return new AccountService(accounts, sessions, secrets, clock);
    }

    @Bean
    SessionService sessionDesk(
            AccountRepository accounts,
            SessionRepository sessions,
            Secrets secrets,
            Clock clock,
            SettingsRepository settings) {
        return new SessionService(
                sessions,
                accounts,
                secrets,
                clock,
                () -> Duration.ofMinutes(settings.get().access().lockMinutes()));
    }

    @Bean
    TrailService trail(TrailRepository entries, Secrets secrets, Clock clock) {
        return new TrailService(entries, secrets, clock);
    }

    @Bean
    TeardownService openingDesk(
            Catalog catalog, CurrentPacks packs, FitFinder finder, SettingsRepository rules, PriceCurrency currency) {
        return new TeardownService(catalog, packs, finder, rules, currency);
    }

    @Bean
    CaseService caseDesk(CaseRepository log, Counter counter, Catalog catalog, HandoverPlanner handOver) {
        return new CaseService(log, counter, catalog, handOver);
    }

    @Bean
    OutcomeService outcomeDesk(OutcomeRepository log, Counter counter) {
        return new OutcomeService(log, counter);
    }

    @Bean
    LearningService learningDesk(
            KnowledgeService packs,
            TagReaders readers,
            Catalog catalog,
            CaseRepository cases,
            OutcomeRepository outcomes,
            ParameterRepository learned) {
        return new LearningService(packs.shipped(), readers.shipped(), catalog, cases, outcomes, learned);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    /** The counts are read in beforehand, so that nobody waits for them. */
    @EventListener
    void readIn(ApplicationReadyEvent event) {
        CompletableFuture.runAsync(event.getApplicationContext().getBean(OutcomeRepository.class)::told);
    }
}
