import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import { mirroredLongitude } from '@hurrow/core/conditions';

/** Asks whether a longitude lacks its minus, beside the field. */
export function LongitudeDoubt({
  lat,
  lon,
  onUse,
}: {
  /** As typed; nothing is asked until both are numbers. */
  lat: string | undefined;
  lon: string | undefined;
  onUse: (lon: string) => void;
}) {
  const typed = [lat, lon].map((t) => ((t ?? '').trim() === '' ? NaN : Number(t)));
  const meant = mirroredLongitude(typed[0] ?? NaN, typed[1] ?? NaN);
  if (meant === null) return null;
  return (
    <Alert
      type="warning"
      showIcon
      role="alert"
      title="This longitude is in Asia. Longitudes in North America start with a minus."
      action={
        <Button size="small" onClick={() => onUse(String(meant))}>
          Use {meant}
        </Button>
      }
    />
  );
}
