import { Link } from "react-router";
import { Masthead } from "./shared/Masthead";

/** An address that no place has. */
export function NotFound() {
  return (
    <>
      <Masthead />
      <main id="main" className="place">
        <h1>Nothing here</h1>
        <p>
          No page has this address. Check it for a slip, or go to the <Link to="/">counter</Link>.
        </p>
      </main>
    </>
  );
}
