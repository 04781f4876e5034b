export { MachinesPage } from "./MachinesPage";
