import type { ReactNode } from "react";
import { Link, NavLink, useLocation } from "react-router";

/** The head of every place: where one is, and what else there is. */
export function Masthead({ children }: { children?: ReactNode }) {
  const { pathname } = useLocation();
  const atCounter = pathname === "/" || pathname.startsWith("/cases/");
  return (
    <header className="masthead">
      <a className="skip" href="#main">
        To the work
      </a>
      <span className="house">Synopta</span>
      <nav aria-label="Places" className="d-flex gap-4">
        <Link to="/" aria-current={atCounter ? "page" : undefined}>
          Counter
        </Link>
        <NavLink to="/machines">Machines</NavLink>
        <NavLink to="/parts">Parts</NavLink>
        <NavLink to="/bench">Bench</NavLink>
        <NavLink to="/knowledge">Knowledge</NavLink>
        <NavLink to="/shelf">Shelf</NavLink>
        <NavLink to="/day-book">Day book</NavLink>
        <NavLink to="/house-rules">House rules</NavLink>
      </nav>
      <div className="aside">{children}</div>
    </header>
  );
}
