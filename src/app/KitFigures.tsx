import { currencyIn, NO_CURRENCY } from '../core/units/money';
import { OneOf } from '../ui/Choices';
import { TextField } from '../ui/TextField';

/** In which currency a kit counts its money, as it is typed. */
export const CurrencyField = ({ value, onChange }: { value: string; onChange: (text: string) => void }) => (
  <TextField
    label="Money is counted in"
    value={value}
    maxLength={3}
    width={140}
    fault={currencyIn(value) ? null : NO_CURRENCY}
    onChange={onChange}
  />
);
/** In which units a kit shows its figures. */
export const UnitsChoice = ({ value, onChange }: { value: string; onChange: (units: string) => void }) => (
  <OneOf
    label="Measures"
    value={value}
    options={[
      { id: 'metric', name: '°C, g, mL, cm' },
      { id: 'us', name: '°F, oz, US fl oz, in' },
    ]}
    onChange={onChange}
  />
);
