import { useState } from "react";
import type { NavigateFunction } from "react-router";
import { inReach, useCalls } from "./record/CallStrip";
import { useKeysMode } from "./useCounterKeys";

/** A character that was typed outside the line, put behind what stands there as the beginning of a word. */
export const typedOn = (line: string, character: string): string =>
  line === "" || line.endsWith(" ") ? line + character : `${line} ${character}`;

type Given = { leaving: { leave: () => void }; navigate: NavigateFunction };

/** The open calls, and their number keys while one is being picked. */
export function useCallKeys({ leaving, navigate }: Given) {
  const all = useCalls();
  const reached = inReach(all);
  const mode = useKeysMode();
  const [isPicking, setPicking] = useState(false);
  const picking = isPicking && mode.on;
  const take = (index: number) => {
    const call = reached[index];
    setPicking(false);
    if (call !== undefined) {
      leaving.leave();
      void navigate(`/cases/${call.number}`);
    }
  };
  return {
    all,
    picking,
    take,
    pick: all.length > 0 ? () => setPicking(true) : undefined,
    keys: Object.fromEntries(reached.map((_, index) => [String(index + 1), () => take(index)])),
    mode: {
      ...mode,
      setOn: (on: boolean) => {
        setPicking(false);
        mode.setOn(on);
      },
    },
  };
}
