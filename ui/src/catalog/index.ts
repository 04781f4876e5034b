export { CatalogPage } from "./CatalogPage";
