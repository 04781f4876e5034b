import { useState } from "react";
import { Button, Form } from "react-bootstrap";
import type { Scanned } from "./useReturned";

type Props = { onScan: (scanned: Scanned) => void; busy: boolean };

/** The code of a repair sheet or a part: scanned, typed, or photographed where there is no scanner. */
export function ScanField({ onScan, busy }: Props) {
  const [code, setCode] = useState("");
  return (
    <form
      className="scan"
      onSubmit={(event) => {
        event.preventDefault();
        if (code.trim() !== "") {
          onScan(code.trim());
        }
      }}
    >
      <Form.Label htmlFor="scan">Returned part: scan or type the repair sheet or part number</Form.Label>
      <div className="d-flex flex-wrap gap-2 align-items-center">
        <Form.Control
          id="scan"
          autoFocus
          autoComplete="off"
          placeholder="SYNOPTA CASE 31, 31 or QV-1183"
          value={code}
          onChange={(event) => setCode(event.target.value)}
        />
        <Button type="submit" variant="act" disabled={busy}>
          Find case <kbd>Enter</kbd>
        </Button>
        <Form.Label htmlFor="picture" className="picture mb-0">
          No scanner? Photo of the code:
        </Form.Label>
        <Form.Control
          id="picture"
          type="file"
          size="sm"
          accept="image/png,image/jpeg"
          capture="environment"
          onChange={(event) => {
            const field = event.target as HTMLInputElement;
            const picture = field.files?.[0];
            // Emptied, so that a picture taken again under the same name is a new one.
            field.value = "";
            if (picture) {
              onScan(picture);
            }
          }}
        />
      </div>
    </form>
  );
}
