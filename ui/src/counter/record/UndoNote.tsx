import { Button } from "react-bootstrap";
import type { Offer } from "./undo";

/** What was just done, and the button that takes it back. */
export function UndoNote({ offer, onUndo }: { offer: Offer | null; onUndo: () => void }) {
  return (
    offer && (
      <div className="undo" role="status">
        {offer.words}{" "}
        <Button variant="quiet" size="sm" onClick={onUndo}>
          Undo <kbd>Ctrl Z</kbd>
        </Button>
      </div>
    )
  );
}
