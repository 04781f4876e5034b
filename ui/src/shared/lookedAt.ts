import { useEffect } from "react";

const MOST = 8;

const read = (kind: string): string[] => {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(`synopta.looked-at-${kind}`) ?? "[]");
    return Array.isArray(kept) ? kept.filter((one): one is string => typeof one === "string") : [];
  } catch {
    return [];
  }
};

/** The numbers of a kind that were looked at last in this browser, the last first; one that is open is remembered. */
export function useLookedAt(kind: "model" | "part", open: string | undefined): string[] {
  useEffect(() => {
    if (open !== undefined) {
      localStorage.setItem(
        `synopta.looked-at-${kind}`,
        JSON.stringify([open, ...read(kind).filter((one) => one !== open)].slice(0, MOST)),
      );
    }
  }, [kind, open]);
  return read(kind);
}
