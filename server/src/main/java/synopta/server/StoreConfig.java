package synopta.server;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import synopta.core.account.TrailRepository;
import synopta.core.catalog.CatalogRepository;
import synopta.core.knowledge.SettingsRepository;
import synopta.core.order.QuoteRepository;
import synopta.core.order.ReservationRepository;
import synopta.core.order.StockRepository;
import synopta.core.outcome.OutcomeRepository;
import synopta.core.outcome.ParameterRepository;
import synopta.core.record.CaseRepository;
import synopta.core.record.SalesRepository;
import synopta.server.settings.BackupWriter;
import synopta.store.Store;
import synopta.store.account.AccountStore;

/** What the store does for the rooms of the core. */
@Configuration
class StoreConfig {
    @Bean
    CatalogRepository catalog(Store store) {
        return store.catalogStore();
    }

    @Bean
    BackupWriter backups(Store store) {
        return store::backUp;
    }

    @Bean
    AccountStore accountList(Store store) {
        return store.accounts();
    }

    @Bean
    TrailRepository trailLog(Store store) {
        return store.trail();
    }

    @Bean
    CaseRepository caseLog(Store store) {
        return store.cases();
    }

    @Bean
    SettingsRepository settings(Store store) {
        return store.house();
    }

    @Bean
    QuoteRepository quoteLog(Store store) {
        return store.quotes();
    }

    @Bean
    ReservationRepository promiseLog(Store store) {
        return store.reservations();
    }

    @Bean
    SalesRepository sales(Store store) {
        return store.sales();
    }

    @Bean
    StockRepository stockMovements(Store store) {
        return store.stockMovements();
    }

    @Bean
    OutcomeRepository outcomeLog(Store store) {
        return store.outcomes();
    }

    @Bean
    ParameterRepository learntLog(Store store) {
        return store.learned();
    }
}
