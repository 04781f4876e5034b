export { FollowUpsPage } from "./FollowUpsPage";
export { CasesPage } from "./CasesPage";
export { AccuracyPage } from "./AccuracyPage";
export { UpdatesPage } from "./UpdatesPage";
export { OutcomePage } from "./OutcomePage";
export { HistoryPage } from "./HistoryPage";
export { ReservedPage } from "./ReservedPage";
