import { NavLink } from "react-router";

/** The pages of the cases. */
export function Tabs() {
  return (
    <nav aria-label="Cases" className="tabs">
      <NavLink to="/cases" end>
        Cases
      </NavLink>
      <NavLink to="/cases/reserved">Reserved</NavLink>
      <NavLink to="/cases/follow-ups">Follow-ups and returns</NavLink>
      <NavLink to="/cases/accuracy">Accuracy</NavLink>
      <NavLink to="/cases/updates">Suggested updates</NavLink>
      <NavLink to="/quotes">Quotes</NavLink>
    </nav>
  );
}
