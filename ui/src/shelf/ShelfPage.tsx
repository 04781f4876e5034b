import { Masthead } from "../shared/Masthead";
import { BringIn } from "./BringIn";
import { LookedOver } from "./LookedOver";
import "./shelf.css";
import { TakeOut } from "./TakeOut";
import { useSheets } from "./useShelf";

/** The shelf: the catalogue in, out, and looked over. */
export function ShelfPage() {
  const sheets = useSheets();
  return (
    <>
      <Masthead />
      <main id="main" className="place shelf">
        <h1>Shelf</h1>
        {sheets.error && (
          <div className="notice bad" role="alert">
            {sheets.error.message}
          </div>
        )}
        <div className="place-columns shelf-columns">
          <div>
            <BringIn sheets={sheets.data ?? []} />
            <LookedOver />
          </div>
          <TakeOut sheets={sheets.data ?? []} />
        </div>
      </main>
    </>
  );
}
