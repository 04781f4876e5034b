import { AmountField } from "../shared/AmountField";

type Props = { label: string; value: number; onValue: (value: number) => void };

/** A whole number that takes effect when it is left, or with Enter; a fraction is rounded. */
export function WholeField({ label, value, onValue }: Props) {
  return (
    <AmountField label={label} value={`${value}`} onValue={(text) => onValue(Math.round(Number(text)))} />
  );
}
