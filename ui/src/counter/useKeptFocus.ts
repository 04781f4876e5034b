import { useEffect, useRef } from "react";
import { controlsOf } from "./controls";

/** The groups of controls within which the focus stays. */
const GROUPS = [
  ".questions",
  ".suspects",
  ".known-list",
  ".of-bag .gives",
  ".purchase-options",
  ".cautions",
  ".total",
  ".calls",
  ".of-known",
  ".of-causes",
  ".of-bag",
];

type Place = { control: Element; groups: { selector: string; index: number }[] };

/** Where a control stands: in each group around it, the inner one first. */
function placeOf(control: Element): Place {
  const groups = GROUPS.flatMap((selector) => {
    const group = control.closest(selector);
    return group ? [{ selector, index: controlsOf(group).indexOf(control as HTMLElement) }] : [];
  });
  return { control, groups };
}

/** A control that a repaint takes away while it has the focus hands it to the one that stands there now. */
export function useKeptFocus(repainted: unknown) {
  const last = useRef<Place | null>(null);
  useEffect(() => {
    const onFocus = (event: FocusEvent) => {
      last.current = event.target instanceof Element ? placeOf(event.target) : null;
    };
    document.addEventListener("focusin", onFocus);
    return () => document.removeEventListener("focusin", onFocus);
  }, []);
  useEffect(() => {
    const place = last.current;
    if (place === null || place.control.isConnected || document.activeElement !== document.body) {
      return;
    }
    for (const { selector, index } of place.groups) {
      const group = document.querySelector(selector);
      const controls = group ? controlsOf(group) : [];
      const next = controls[Math.min(index, controls.length - 1)];
      if (next) {
        next.focus();
        return;
      }
    }
  }, [repainted]);
}
