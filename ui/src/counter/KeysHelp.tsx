import { Modal } from "react-bootstrap";

/** The whole call in five lines. */
const TOUR = [
  "Type what the caller says: “th7820w thumps, no heat, 8 yrs”. Enter leaves the line; Esc turns letters into keys.",
  "The causes rank themselves; answer the question at the foot with 1 2 3, or ask another with N.",
  "The bag fills itself with what fits today. O shows other ways to buy; ↑ ↓ + − change the bag.",
  "Read the cautions to the caller (S, Enter), then hand over (H, Enter). K holds the call instead.",
  "X takes the next call; Z and its number goes back to one that waits. Ctrl Z undoes the last step.",
];

const KEYS: [string, string][] = [
  ["/", "go to the line; Enter leaves it. Letters go back into the line"],
  ["Esc", "letters are keys, as listed here; again: they go into the line"],
  ["Ctrl Z", "undo the last step, whatever it was; with Shift: redo"],
  ["1 2 3 …", "answer the question"],
  ["Y I", "what the first unsure clause may mean: said, not said"],
  ["W", "why: what speaks for and against each cause; again: back to the drawing"],
  ["L", "open the drawing layer by layer, then the belt path"],
  ["M", "pictures of a word with several meanings; arrows, Enter"],
  ["D", "teardown plan: steps, tools and minutes; again: back to the causes"],
  ["V", "why each part fits or does not; again: hide"],
  ["C", "models of other brands that take these parts"],
  ["F", "work done by: customer, technician, licensed technician"],
  ["N", "ask another question first"],
  ["R T", "the character that was checked on the tag"],
  ["E G B", "fuel: electric, natural gas, LP (propane)"],
  ["U", "put the last removed fact back"],
  ["O", "next purchase option; = compares them"],
  ["F6", "to the next column; with Shift: to the one before"],
  ["↑ ↓", "through the bag and the optional parts; + − change quantity, Enter adds, Delete removes"],
  [".", "go to the branch; arrows choose"],
  ["Q", "create a quote for the bag"],
  ["A", "reserve the bag at the branch, and order what is not in stock"],
  ["S Enter", "cautions were read to the customer"],
  ["H Enter", "hand over"],
  ["J", "another machine of the same visit"],
  ["K", "hold the case"],
  ["P", "repair sheet of a saved case"],
  ["X", "new call; the one at hand is kept among the open calls"],
  ["Z 1 2 …", "return to an open call; Alt and its number does the same"],
  ["Delete Enter", "discard the call at hand"],
  ["Tab", "through causes, places in the drawing and facts; Enter selects"],
  ["?", "the tour, and this list"],
];

/** The tour of five lines, and all keyboard shortcuts of the counter. */
export function KeysHelp({ show, onHide }: { show: boolean; onHide: () => void }) {
  return (
    <Modal show={show} onHide={onHide} centered aria-labelledby="keys-title" animation={false}>
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="keys-title">
          A call in five lines
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <ol className="tour">
          {TOUR.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ol>
        <h3>Keyboard shortcuts</h3>
        <dl className="keys">
          {KEYS.map(([key, what]) => (
            <div key={key}>
              <dt>
                <kbd>{key}</kbd>
              </dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
      </Modal.Body>
    </Modal>
  );
}
