import { useState } from "react";
import { Button, Form, Modal } from "react-bootstrap";
import type { Wire } from "../../shared/api";
import { money } from "../../shared/format";
import { useQuote } from "./useOrders";

type Props = {
  branches: string[];
  branch: string | null;
  caseNumber: number | null;
  customer: string | null;
  total: string;
  /** Of this machine and of the others of the visit, as far as they are known. */
  models: string[];
  lines: Wire["QuoteLineWire"][];
  onHide: () => void;
};

/** Asks for the branch and the customer of a quote, and creates it. */
export function QuoteForm({
  branches,
  branch,
  caseNumber,
  customer: named,
  total,
  models,
  lines,
  onHide,
}: Props) {
  const [at, setAt] = useState(branch ?? branches[0] ?? "");
  const [customer, setCustomer] = useState(named ?? "");
  const quote = useQuote();
  return (
    <Modal show onHide={onHide} centered animation={false} aria-labelledby="quote-title">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          quote.mutate({ branch: at, customer: customer.trim() || null, caseNumber, models, lines });
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title as="h2" id="quote-title">
            Quote for {money(total)}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body className="d-flex flex-column gap-3">
          <Form.Group controlId="quote-customer">
            <Form.Label>Customer (optional)</Form.Label>
            <Form.Control
              autoFocus
              maxLength={120}
              value={customer}
              onChange={(event) => setCustomer(event.target.value)}
            />
          </Form.Group>
          <Form.Group controlId="quote-branch">
            <Form.Label>Branch</Form.Label>
            {branches.length > 0 ? (
              <Form.Select value={at} onChange={(event) => setAt(event.target.value)}>
                {branches.map((name) => (
                  <option key={name}>{name}</option>
                ))}
              </Form.Select>
            ) : (
              <Form.Control required value={at} onChange={(event) => setAt(event.target.value)} />
            )}
          </Form.Group>
          {quote.error && (
            <div className="notice bad" role="alert">
              {quote.error.message}
            </div>
          )}
        </Modal.Body>
        <Modal.Footer>
          <Button variant="act" type="submit" disabled={quote.isPending}>
            {quote.isPending ? "Creating …" : "Create quote"}
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
