import { useEffect } from "react";
import { useLocation } from "react-router";

const PLACES: [RegExp, string][] = [
  [/^\/cases\/\d+$/, "Case"],
  [/^\/cases/, "Cases"],
  [/^\/models/, "Models"],
  [/^\/parts/, "Parts"],
  [/^\/compatible/, "Compatible models"],
  [/^\/bench/, "Test bench"],
  [/^\/guide/, "Fault guide"],
  [/^\/catalog/, "Catalog"],
  [/^\/quotes/, "Quotes"],
  [/^\/sheet/, "Repair sheet"],
  [/^\/settings/, "Settings"],
];

/** Names the place in the browser's title, so that several windows are told apart. */
export function usePageTitle() {
  const { pathname } = useLocation();
  useEffect(() => {
    const place =
      PLACES.find(([path]) => path.test(pathname))?.[1] ?? (pathname === "/" ? "Counter" : "Nothing here");
    const number = /\/(\d+)(\/|$)/.exec(pathname)?.[1];
    document.title = [number === undefined ? place : `${place} ${number}`, "Synopta"].join(" · ");
  }, [pathname]);
}
