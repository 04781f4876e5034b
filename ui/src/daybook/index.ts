export { AskAfterPage } from "./AskAfterPage";
export { DayBookPage } from "./DayBookPage";
export { HowRightPage } from "./HowRightPage";
export { OutcomePage } from "./OutcomePage";
