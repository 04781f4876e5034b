import { Modal } from "react-bootstrap";

const KEYS: [string, string][] = [
  ["/", "to the line; Enter leaves it"],
  ["1 2 3 …", "answer the question"],
  ["W", "what moved the suspects; again: back to the machine"],
  ["L", "open the machine up, layer by layer, then the run of the belt"],
  ["M", "to the pictures of a word with two meanings; arrows, Enter"],
  ["D", "what it takes: steps, tools and minutes; again: back to the suspects"],
  ["V", "why each part fits, or does not; again: away"],
  ["C", "models of other brands that take what is in the bag"],
  ["F", "who finds it out: anybody, a fitter, a licensed person"],
  ["N", "another question first"],
  ["R T", "the character that was read again"],
  ["E G B", "fuel: electric, mains gas, bottled gas"],
  ["U", "put back what was struck out last"],
  ["O", "the next way to buy it"],
  ["↑ ↓", "through the bag and what is offered; + − more or fewer, Enter puts in, Delete leaves out"],
  ["Q", "a quote for what is in the bag"],
  ["A", "set the bag aside at the branch, and order what is not there"],
  ["S", "the cautions were said"],
  ["H", "hand over"],
  ["K", "keep the case open"],
  ["P", "the sheet of a kept case"],
  ["X", "next caller: an empty counter"],
  ["Tab", "through suspects, places in the drawing, evidence; Enter picks"],
  ["?", "this list"],
];

/** All keys of the counter. */
export function KeysHelp({ show, onHide }: { show: boolean; onHide: () => void }) {
  return (
    <Modal show={show} onHide={onHide} centered aria-labelledby="keys-title" animation={false}>
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="keys-title">
          Keys
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
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
