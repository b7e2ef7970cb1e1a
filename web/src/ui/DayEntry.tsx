import { AdapterDayjs } from '@mui/x-date-pickers/AdapterDayjs';
import { DatePicker } from '@mui/x-date-pickers/DatePicker';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import dayjs, { type Dayjs } from 'dayjs';
import 'dayjs/locale/en-gb';
import type { Common } from './Field';

/** A day; empty means it is open. */
export function DayEntry({ label, value, onChange, error }: Common & { value: string | null; onChange: (day: string | null) => void }) {
  // A day that is still being typed isn't one yet: nothing is told until it is whole, or gone.
  const tell = (day: Dayjs | null) => {
    if (day === null) onChange(null);
    else if (day.isValid() && day.year() >= 1900) onChange(day.format('YYYY-MM-DD'));
  };
  return (
    <LocalizationProvider dateAdapter={AdapterDayjs} adapterLocale="en-gb">
      <DatePicker
        label={label}
        value={value === null ? null : dayjs(value)}
        format="D MMM YYYY"
        onChange={tell}
        slotProps={{ textField: { error: error !== undefined, helperText: error }, actionBar: { actions: ['clear'] } }}
      />
    </LocalizationProvider>
  );
}
