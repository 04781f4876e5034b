export { AskAfterPage } from "./AskAfterPage";
export { DayBookPage } from "./DayBookPage";
export { HowRightPage } from "./HowRightPage";
export { LessonsPage } from "./LessonsPage";
export { OutcomePage } from "./OutcomePage";
export { RecordPage } from "./RecordPage";
