import { Route, Routes } from "react-router";
import { CounterPage } from "./counter";
import { DayBookPage } from "./daybook";
import { SheetPage } from "./sheet";

export function App() {
  return (
    <Routes>
      <Route path="/" element={<CounterPage />} />
      <Route path="/cases/:number" element={<CounterPage />} />
      <Route path="/day-book" element={<DayBookPage />} />
      <Route path="/sheet/:number" element={<SheetPage />} />
      <Route path="*" element={<CounterPage />} />
    </Routes>
  );
}
