export { SignedIn } from "./SignedIn";
