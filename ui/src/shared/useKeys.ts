import { useEffect } from "react";

/** Single keys that act while nobody is typing. */
export function useKeys(keys: Record<string, (() => void) | undefined>) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target;
      // A letter typed over a list goes to the entry that begins with it.
      const typing =
        target instanceof HTMLInputElement ||
        target instanceof HTMLTextAreaElement ||
        (target instanceof HTMLSelectElement && event.key !== "Enter");
      const action = keys[event.key.length === 1 ? event.key.toLowerCase() : event.key];
      if (typing || event.ctrlKey || event.metaKey || event.altKey || action === undefined) {
        return;
      }
      event.preventDefault();
      action();
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, [keys]);
}
