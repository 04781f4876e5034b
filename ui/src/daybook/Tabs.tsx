import { NavLink } from "react-router";

/** The leaves of the day book. */
export function Tabs() {
  return (
    <nav aria-label="Day book" className="tabs">
      <NavLink to="/day-book" end>
        Cases
      </NavLink>
      <NavLink to="/day-book/ask-after">To ask after, returns</NavLink>
      <NavLink to="/day-book/how-right">How right we were</NavLink>
      <NavLink to="/day-book/lessons">What the cases teach</NavLink>
      <NavLink to="/quotes">Quotes</NavLink>
    </nav>
  );
}
