export { ConstructionPage } from "./Construction";
export { MachinesPage } from "./MachinesPage";
