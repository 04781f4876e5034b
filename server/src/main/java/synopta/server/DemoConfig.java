package synopta.server;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import synopta.core.catalog.Catalog;
import synopta.core.record.CaseRepository;
import synopta.core.review.OutcomeService;
import synopta.demo.DemoCatalog;
import synopta.demo.DemoYear;
import synopta.demo.SimulatedSupplier;
import synopta.store.Store;

/** What the demo adds: a year of cases, and a stand-in for the supplier. */
@Configuration
class DemoConfig {
    @Bean
    SimulatedSupplier supplierFeed(Catalog catalog) {
        return new SimulatedSupplier(catalog);
    }

    /** The demo's year of cases, before the house opens, where there is none yet. */
    @Bean
    ApplicationRunner history(
            @Value("${synopta.history}") int wanted,
            Catalog catalog,
            CaseRepository cases,
            OutcomeService service,
            KnowledgeService packs,
            Store store,
            Clock clock) {
        return arguments -> {
            LocalDate yesterday =
                    LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC).minusDays(1);
            if (wanted > 0 && cases.find(1).isEmpty()) {
                store.together(() ->
                        DemoYear.write(catalog, packs.shipped(), cases, service, DemoCatalog.SEED, wanted, yesterday));
            }
        };
    }
}
