import { Link, useNavigate } from "react-router";
import { useKeys } from "./useKeys";

/** The counter, with numbers put into the line of the case in hand. */
const counterWith = (numbers: string) => `/?add=${encodeURIComponent(numbers)}`;

/** Puts the number of a page into the case at the counter, also by its key. */
export function UseAtCounter({ number }: { number: string }) {
  const navigate = useNavigate();
  useKeys({ u: () => void navigate(counterWith(number)) });
  return (
    <Link className="btn btn-quiet btn-sm" to={counterWith(number)}>
      Use at counter <kbd>U</kbd>
    </Link>
  );
}

/** The same for a row of a list, with the model that it stands under. */
export function UseRow({ part, model }: { part: string; model?: string }) {
  return (
    <Link
      className="small"
      data-row-link
      to={counterWith(model ? `${model} ${part}` : part)}
      aria-label={`Use ${part} at counter`}
    >
      Use at counter
    </Link>
  );
}
