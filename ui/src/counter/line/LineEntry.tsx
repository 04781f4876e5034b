import { useRef } from "react";
import { Button } from "react-bootstrap";
import type { Wire } from "../../shared/api";

const TITLES: Record<Wire["LineToken"]["kind"], string> = {
  model: "model",
  brand: "brand",
  appliance: "appliance",
  fuel: "fuel",
  age: "age",
  complaint: "complaint",
  part: "part",
  "part-number": "part number",
  code: "fault code",
  reading: "reading",
  serial: "serial number",
  beside: "not about the machine",
  "not-understood": "not understood",
};

const ID = "line";

/** Moves the cursor into the line. */
export const focusLine = () => document.getElementById(ID)?.focus();

/** Moves the cursor to the end of the line. */
export function focusLineEnd() {
  const input = document.getElementById(ID);
  if (input instanceof HTMLInputElement) {
    input.focus();
    input.setSelectionRange(input.value.length, input.value.length);
  }
}

type Props = {
  line: string;
  pieces: Wire["LineToken"][];
  /** Whether a new caller begins, so that one can type at once. */
  fresh: boolean;
  onLine: (line: string) => void;
  /** Whether letters are keys now. */
  keysOn: boolean;
  onKeys: (on: boolean) => void;
};

/** The line that takes everything as it is said; what was made of it is drawn under the words. */
export function LineEntry({ line, pieces, fresh, onLine, keysOn, onKeys }: Props) {
  const mirror = useRef<HTMLDivElement>(null);
  const follow = (scrollLeft: number) => mirror.current?.scrollTo({ left: scrollLeft });
  return (
    <div className="line-entry">
      <div className="mirror" ref={mirror} aria-hidden="true">
        {parts(line, pieces).map((part) => (
          <span key={part.from} className={part.kind === null ? undefined : `piece ${part.kind}`}>
            {part.text}
          </span>
        ))}
      </div>
      <input
        id={ID}
        value={line}
        maxLength={2000}
        autoFocus={fresh}
        spellCheck={false}
        autoComplete="off"
        aria-label="What the caller says: model or part number, complaint, age, fuel"
        placeholder="Type what the caller says: th7820w thumps, no heat, 8 yrs, electric"
        onFocus={() => onKeys(false)}
        onChange={(event) => onLine(event.target.value)}
        onPaste={(event) => {
          const pasted = event.clipboardData.getData("text");
          if (pasted.includes("\n")) {
            event.preventDefault();
            onLine(joined(event.currentTarget, pasted));
          }
        }}
        onScroll={(event) => follow(event.currentTarget.scrollLeft)}
        onKeyDown={(event) => {
          if (event.key === "Enter" || event.key === "Escape") {
            event.currentTarget.blur();
            onKeys(event.key === "Escape");
          }
        }}
      />
      <Button
        variant="quiet"
        size="sm"
        className="keys-mode"
        aria-pressed={keysOn}
        title={
          keysOn
            ? "Letters are keys. Escape or / goes back to typing."
            : "Letters go into the line. Escape makes them keys."
        }
        onClick={() => onKeys(!keysOn)}
      >
        {keysOn ? "Keys on" : "Keys"} <kbd>Esc</kbd>
      </Button>
      <kbd title="Go to the line">/</kbd>
      <span className="visually-hidden" role="status">
        {pieces.map((piece) => `${TITLES[piece.kind]}: ${piece.text}`).join("; ")}
      </span>
    </div>
  );
}

/** The line with a text of several lines put in at the cursor: a form that was copied keeps its fields apart. */
function joined(input: HTMLInputElement, pasted: string): string {
  const lines = pasted
    .split(/\r?\n/)
    .map((text) => text.trim())
    .filter((text) => text !== "");
  const from = input.selectionStart ?? input.value.length;
  const to = input.selectionEnd ?? from;
  return input.value.slice(0, from) + lines.join(", ") + input.value.slice(to);
}

/** The line cut at its pieces; pieces of an older line that no longer match are left out. */
function parts(line: string, pieces: Wire["LineToken"][]) {
  const cut: { from: number; text: string; kind: string | null }[] = [];
  let at = 0;
  for (const piece of pieces) {
    if (piece.from < at || line.slice(piece.from, piece.to) !== piece.text) {
      continue;
    }
    cut.push({ from: at, text: line.slice(at, piece.from), kind: null });
    cut.push({ from: piece.from, text: piece.text, kind: piece.kind });
    at = piece.to;
  }
  cut.push({ from: at, text: line.slice(at), kind: null });
  return cut.filter((part) => part.text !== "");
}
