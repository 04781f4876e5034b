import { Link } from "react-router";
import { useSettings } from "./region";

/** Says on every page that nothing can be handed over for machines whose cautions are missing. */
export function NoCautions() {
  const missing = useSettings()?.withoutCautions ?? [];
  if (missing.length === 0) {
    return null;
  }
  return (
    <aside className="notice bad no-print" aria-label="Missing cautions">
      The cautions for the {missing.join(", ")} could not be loaded: nothing is handed over for it. The{" "}
      <Link to="/guide">fault guide</Link> says what is wrong with the file.
    </aside>
  );
}
