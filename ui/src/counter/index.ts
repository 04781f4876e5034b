export { CounterPage } from "./CounterPage";
