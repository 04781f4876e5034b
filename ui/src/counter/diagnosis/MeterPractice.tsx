import { Modal } from "react-bootstrap";
import { MeterSimulator } from "../../shared/MeterSimulator";
import type { Question } from "./questions";

type Props = {
  appliance: string;
  question: Question;
  onTake: (value: number | string) => void;
  onHide: () => void;
};

/** The meter simulator for the test that is asked; its reading counts in the case as a real one does. */
export function MeterPractice({ appliance, question, onTake, onHide }: Props) {
  return (
    <Modal show size="lg" centered onHide={onHide} animation={false} aria-labelledby="practice-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="practice-title">
          {question.question}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <MeterSimulator appliance={appliance} test={question.finding} onTake={onTake} />
      </Modal.Body>
    </Modal>
  );
}
