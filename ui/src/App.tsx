import { Route, Routes } from "react-router";
import { BenchPage } from "./bench";
import { CounterPage } from "./counter";
import { AskAfterPage, DayBookPage, HowRightPage, LessonsPage, OutcomePage, RecordPage } from "./daybook";
import { HousePage } from "./house";
import { KnowledgePage } from "./knowledge";
import { ConstructionPage, MachinesPage } from "./machines";
import { CompatiblePage, PartsPage } from "./parts";
import { QuotePage, QuotesPage } from "./quotes";
import { SheetPage } from "./sheet";
import { ShelfPage } from "./shelf";

export function App() {
  return (
    <Routes>
      <Route path="/" element={<CounterPage />} />
      <Route path="/cases/:number" element={<CounterPage />} />
      <Route path="/machines" element={<MachinesPage />} />
      <Route path="/machines/:model" element={<MachinesPage />} />
      <Route path="/machines/built/:appliance/:layout" element={<ConstructionPage />} />
      <Route path="/parts" element={<PartsPage />} />
      <Route path="/parts/:part" element={<PartsPage />} />
      <Route path="/compatible" element={<CompatiblePage />} />
      <Route path="/house-rules" element={<HousePage />} />
      <Route path="/bench" element={<BenchPage />} />
      <Route path="/bench/:check" element={<BenchPage />} />
      <Route path="/knowledge" element={<KnowledgePage />} />
      <Route path="/knowledge/:appliance" element={<KnowledgePage />} />
      <Route path="/shelf" element={<ShelfPage />} />
      <Route path="/day-book/outcome/:number" element={<OutcomePage />} />
      <Route path="/day-book/record/:number" element={<RecordPage />} />
      <Route path="/day-book" element={<DayBookPage />} />
      <Route path="/day-book/ask-after" element={<AskAfterPage />} />
      <Route path="/day-book/how-right" element={<HowRightPage />} />
      <Route path="/day-book/lessons" element={<LessonsPage />} />
      <Route path="/quotes" element={<QuotesPage />} />
      <Route path="/quotes/:number" element={<QuotePage />} />
      <Route path="/sheet/:number" element={<SheetPage />} />
      <Route path="*" element={<CounterPage />} />
    </Routes>
  );
}
