export { ConstructionPage } from "./ConstructionPage";
export { ModelsPage } from "./ModelsPage";
