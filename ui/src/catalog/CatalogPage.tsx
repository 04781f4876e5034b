import { Masthead } from "../shared/Masthead";
import { useMay } from "../shared/session";
import { Import } from "./Import";
import { LikelyMistakes } from "./LikelyMistakes";
import "./catalog.css";
import { Export } from "./Export";
import { useSheets } from "./useCatalog";

/** The catalog: import, export, and a check for likely mistakes. */
export function CatalogPage() {
  const sheets = useSheets();
  const mayImport = useMay("change-catalog");
  return (
    <>
      <Masthead />
      <main id="main" className="place catalog">
        <h1>Catalog</h1>
        {sheets.error && (
          <div className="notice bad" role="alert">
            {sheets.error.message}
          </div>
        )}
        <div className="place-columns catalog-columns">
          <div>
            {mayImport ? (
              <Import sheets={sheets.data ?? []} />
            ) : (
              <p className="notice">Only a manager may import a catalog.</p>
            )}
            <LikelyMistakes />
          </div>
          <Export sheets={sheets.data ?? []} />
        </div>
      </main>
    </>
  );
}
