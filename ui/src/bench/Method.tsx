import { Button } from "react-bootstrap";

/** How a test is done, and an example of it to look at. */
export function Method({ steps, onExample }: { steps: string[]; onExample?: () => void }) {
  return (
    <section className="method" aria-label="Method">
      <h2>Method</h2>
      <ol>
        {steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      {onExample && (
        <Button variant="quiet" size="sm" onClick={onExample}>
          Worked example
        </Button>
      )}
    </section>
  );
}
