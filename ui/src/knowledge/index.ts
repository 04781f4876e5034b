export { KnowledgePage } from "./KnowledgePage";
