export { QuotePage } from "./QuotePage";
export { QuotesPage } from "./QuotesPage";
