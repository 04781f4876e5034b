export { DayBookPage } from "./DayBookPage";
