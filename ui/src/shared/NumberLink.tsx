import { Link } from "react-router";
import { modelPage, partPage } from "./routes";

/** A part's number, leading to all that is known of it. */
export function PartLink({ part }: { part: string }) {
  return (
    <Link className="code" to={partPage(part)}>
      {part}
    </Link>
  );
}

/** A model's number, leading to its parts by place. */
export function ModelLink({ model }: { model: string }) {
  return (
    <Link className="code" to={modelPage(model)}>
      {model}
    </Link>
  );
}
