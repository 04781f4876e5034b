export { CompatiblePage } from "./CompatiblePage";
export { PartsPage } from "./PartsPage";
