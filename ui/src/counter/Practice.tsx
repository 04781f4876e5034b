import { Modal } from "react-bootstrap";
import { MeterStandIn } from "../shared/MeterStandIn";
import type { Question } from "./questions";

type Props = {
  appliance: string;
  question: Question;
  onTake: (value: number | string) => void;
  onHide: () => void;
};

/** The meter to practise with, for the test that is asked; its reading counts in the case as a real one does. */
export function Practice({ appliance, question, onTake, onHide }: Props) {
  return (
    <Modal show size="lg" centered onHide={onHide} animation={false} aria-labelledby="practice-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="practice-title">
          {question.question}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <MeterStandIn appliance={appliance} test={question.finding} onTake={onTake} />
      </Modal.Body>
    </Modal>
  );
}
