import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { answer, api } from "../shared/api";
import { SESSION_QUERY } from "../shared/session";

const USES = ["pointerdown", "keydown"] as const;

/** Locks the terminal when nobody touched it for so many minutes; null while it is locked. */
export function useIdleLock(minutes: number | null) {
  const client = useQueryClient();
  useEffect(() => {
    if (minutes === null) {
      return;
    }
    const lock = () =>
      void answer(api.POST("/api/session/lock"))
        .then((locked) => client.setQueryData(SESSION_QUERY, locked))
        // The server locks by itself too; it is asked again at the next use.
        .catch(() => undefined);
    let waiting = setTimeout(lock, minutes * 60_000);
    const used = () => {
      clearTimeout(waiting);
      waiting = setTimeout(lock, minutes * 60_000);
    };
    USES.forEach((use) => document.addEventListener(use, used, true));
    return () => {
      clearTimeout(waiting);
      USES.forEach((use) => document.removeEventListener(use, used, true));
    };
  }, [client, minutes]);
}
