import type { ReactNode } from "react";
import { Link, NavLink, useLocation } from "react-router";
import { NoCautions } from "./NoCautions";
import { WhoServes } from "./WhoServes";

/** The head of every page, with the places of the application. */
export function Masthead({ children }: { children?: ReactNode }) {
  const { pathname } = useLocation();
  const atCounter = pathname === "/" || /^\/cases\/\d+$/.test(pathname);
  const inCases = !atCounter && (pathname.startsWith("/cases") || pathname.startsWith("/quotes"));
  return (
    <>
      <header className="masthead">
        <a className="skip" href="#main">
          Skip to content
        </a>
        <span className="house">Synopta</span>
        <nav aria-label="Main" className="d-flex gap-4">
          <Link to="/" aria-current={atCounter ? "page" : undefined}>
            Counter
          </Link>
          <NavLink to="/models">Models</NavLink>
          <NavLink to="/parts">Parts</NavLink>
          <NavLink to="/bench">Test bench</NavLink>
          <NavLink to="/guide">Fault guide</NavLink>
          <NavLink to="/catalog">Catalog</NavLink>
          <Link to="/cases" aria-current={inCases ? "page" : undefined}>
            Cases
          </Link>
          <NavLink to="/settings">Settings</NavLink>
        </nav>
        <div className="aside">
          {children}
          <WhoServes />
        </div>
      </header>
      <NoCautions />
    </>
  );
}
