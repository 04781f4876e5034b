export { ConstructionPage } from "./Construction";
export { MachinesPage } from "./MachinesPage";
export { pageOf } from "./pageOf";
