import type { Answer } from "../casefile/case";

/** Whether something was said that stops everything. */
export const isStopped = (answer: Answer): boolean => answer.advice?.action === "stop";

/** What to say and do at once; nothing else is shown, asked or sold. */
export function StopNotice({ answer }: { answer: Answer }) {
  return (
    <div className="stop-notice" role="alert">
      <h2>Stop. Say this first.</h2>
      <p>{answer.advice?.why}</p>
      <p className="small m-0">
        Nothing is sold and nothing more is asked. Hold the case to keep it on record; if it was misheard,
        remove it under Known.
      </p>
    </div>
  );
}
