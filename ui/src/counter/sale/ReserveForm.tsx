import { useState } from "react";
import { Button, Form, Modal } from "react-bootstrap";
import { many } from "../../shared/format";

/** For whom, where and until when pieces are reserved. */
export type Reserving = { customer: string | null; phone: string | null; branch: string; until: string };

type Props = {
  branches: string[];
  branch: string | null;
  customer: string | null;
  phone: string | null;
  /** How many lines the bag has. */
  lines: number;
  pending: boolean;
  error: string | null;
  onReserve: (reserving: Reserving) => void;
  onHide: () => void;
};

const DAY_MS = 86_400_000;

/** So many days a piece is kept unless another day is chosen. */
const KEPT_DAYS = 7;

const inDays = (days: number): string => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);

/** Asks for whom, where and until when the bag is reserved; Enter reserves it. */
export function ReserveForm(props: Props) {
  const { branches, lines, pending, error, onReserve, onHide } = props;
  const [customer, setCustomer] = useState(props.customer ?? "");
  const [phone, setPhone] = useState(props.phone ?? "");
  const [branch, setBranch] = useState(props.branch ?? branches[0] ?? "");
  const [until, setUntil] = useState(inDays(KEPT_DAYS));
  return (
    <Modal show onHide={onHide} centered animation={false} aria-labelledby="reserve-title">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          onReserve({ customer: customer.trim() || null, phone: phone.trim() || null, branch, until });
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title as="h2" id="reserve-title">
            Reserve {many(lines, "line")}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body className="d-flex flex-column gap-3">
          <Form.Group controlId="reserve-customer">
            <Form.Label>For whom</Form.Label>
            <Form.Control
              autoFocus
              maxLength={120}
              value={customer}
              placeholder="name, as the customer will give it"
              onChange={(event) => setCustomer(event.target.value)}
            />
          </Form.Group>
          <Form.Group controlId="reserve-phone">
            <Form.Label>Phone (optional)</Form.Label>
            <Form.Control
              type="tel"
              maxLength={40}
              value={phone}
              onChange={(event) => setPhone(event.target.value)}
            />
          </Form.Group>
          <Form.Group controlId="reserve-branch">
            <Form.Label>Branch</Form.Label>
            <Form.Select required value={branch} onChange={(event) => setBranch(event.target.value)}>
              {branches.map((name) => (
                <option key={name}>{name}</option>
              ))}
            </Form.Select>
          </Form.Group>
          <Form.Group controlId="reserve-until">
            <Form.Label>Kept until</Form.Label>
            <Form.Control
              type="date"
              required
              min={inDays(0)}
              value={until}
              onChange={(event) => setUntil(event.target.value)}
            />
          </Form.Group>
          <p className="small soft mb-0">What the branch does not have is ordered from the supplier.</p>
          {error && (
            <div className="notice bad" role="alert">
              {error}
            </div>
          )}
        </Modal.Body>
        <Modal.Footer>
          <Button variant="act" type="submit" disabled={pending || branch === ""}>
            {pending ? "Reserving …" : "Reserve"}
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
