import { Navigate, Route, Routes, useParams } from "react-router";
import { SignedIn } from "./account";
import { BenchPage } from "./bench";
import {
  AccuracyPage,
  CasesPage,
  FollowUpsPage,
  HistoryPage,
  OutcomePage,
  ReservedPage,
  UpdatesPage,
} from "./cases";
import { CatalogPage } from "./catalog";
import { CounterPage } from "./counter";
import { GuidePage } from "./guide";
import { ConstructionPage, ModelsPage } from "./models";
import { CompatiblePage, PartsPage } from "./parts";
import { QuotePage, QuotesPage } from "./quotes";
import { SettingsPage } from "./settings";
import { useSettings } from "./shared/region";
import { NotFound } from "./NotFound";
import { usePageTitle } from "./shared/usePageTitle";
import { SheetPage } from "./sheet";

/** Addresses that places had before, and where they are now. */
const MOVED: [string, string][] = [
  ["/machines", "/models"],
  ["/machines/:model", "/models/:model"],
  ["/machines/built/:appliance/:layout", "/models/constructions/:appliance/:layout"],
  ["/knowledge", "/guide"],
  ["/knowledge/:appliance", "/guide/:appliance"],
  ["/shelf", "/catalog"],
  ["/day-book", "/cases"],
  ["/day-book/ask-after", "/cases/follow-ups"],
  ["/day-book/how-right", "/cases/accuracy"],
  ["/day-book/lessons", "/cases/updates"],
  ["/day-book/outcome/:number", "/cases/:number/outcome"],
  ["/day-book/record/:number", "/cases/:number/history"],
  ["/house-rules", "/settings"],
];

/** Leads to the present address, with the parts of the old one filled in. */
function Moved({ to }: { to: string }) {
  const params = useParams();
  return <Navigate replace to={to.replace(/:(\w+)/g, (_, name: string) => params[name] ?? "")} />;
}

export function App() {
  return (
    <SignedIn>
      <Places />
    </SignedIn>
  );
}

function Places() {
  useSettings();
  usePageTitle();
  return (
    <Routes>
      <Route path="/" element={<CounterPage />} />
      <Route path="/models" element={<ModelsPage />} />
      <Route path="/models/:model" element={<ModelsPage />} />
      <Route path="/models/constructions/:appliance/:layout" element={<ConstructionPage />} />
      <Route path="/parts" element={<PartsPage />} />
      <Route path="/parts/:part" element={<PartsPage />} />
      <Route path="/compatible" element={<CompatiblePage />} />
      <Route path="/bench" element={<BenchPage />} />
      <Route path="/bench/:check" element={<BenchPage />} />
      <Route path="/guide" element={<GuidePage />} />
      <Route path="/guide/:appliance" element={<GuidePage />} />
      <Route path="/catalog" element={<CatalogPage />} />
      <Route path="/cases" element={<CasesPage />} />
      <Route path="/cases/follow-ups" element={<FollowUpsPage />} />
      <Route path="/cases/reserved" element={<ReservedPage />} />
      <Route path="/cases/accuracy" element={<AccuracyPage />} />
      <Route path="/cases/updates" element={<UpdatesPage />} />
      <Route path="/cases/:number" element={<CounterPage />} />
      <Route path="/cases/:number/history" element={<HistoryPage />} />
      <Route path="/cases/:number/outcome" element={<OutcomePage />} />
      <Route path="/quotes" element={<QuotesPage />} />
      <Route path="/quotes/:number" element={<QuotePage />} />
      <Route path="/sheet/:number" element={<SheetPage />} />
      <Route path="/settings" element={<SettingsPage />} />
      <Route path="/setup" element={<Navigate replace to="/" />} />
      {MOVED.map(([from, to]) => (
        <Route key={from} path={from} element={<Moved to={to} />} />
      ))}
      <Route path="*" element={<NotFound />} />
    </Routes>
  );
}
