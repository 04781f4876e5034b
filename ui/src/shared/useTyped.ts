import { type ChangeEvent, type KeyboardEvent, useState } from "react";

/** What a field needs to take effect when it is left, or with Enter; what is not accepted is put back. */
export function useTyped(
  value: string,
  onValue: (text: string) => void,
  accepts: (text: string) => boolean = () => true,
) {
  const [typed, setTyped] = useState<string | null>(null);
  const done = () => {
    if (typed !== null && typed !== value && accepts(typed)) {
      onValue(typed);
    }
    setTyped(null);
  };
  return {
    value: typed ?? value,
    onChange: (event: ChangeEvent<HTMLInputElement>) => setTyped(event.target.value),
    onBlur: done,
    onKeyDown: (event: KeyboardEvent) => event.key === "Enter" && done(),
  };
}
