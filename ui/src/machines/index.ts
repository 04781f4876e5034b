export { MachinesPage } from "./MachinesPage";
export { pageOf } from "./pageOf";
