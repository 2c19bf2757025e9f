import { showDate } from '@hurrow/core/conditions';
import { minutesOf } from '@hurrow/core/quizzes';
import type { SittingDetail } from '@hurrow/contract';
import { HANDLING_LABELS, MATERIAL_LABELS, useSession } from '../app/index.ts';
import { counted } from '../parts/index.ts';
import { SittingPrint } from './SittingPrint.tsx';

/** How the walk runs, in the order in which a helper needs it. */
function walkLines({ plan, stations, handling }: SittingDetail): readonly string[] {
  const minutes = minutesOf(plan, stations.length);
  const walk =
    plan.walk === 'free'
      ? 'Students walk from station to station as they like.'
      : `Call “move” every ${plan.seconds + plan.moveSeconds} seconds: ${plan.seconds} at a station, ${plan.moveSeconds} to move.`;
  return [
    `${counted(stations.length, 'station')}${minutes === null ? '' : `, ${counted(minutes, 'minute')} in all`}.`,
    walk,
    ...(plan.walk === 'timed' && plan.freeMinutes > 0
      ? [`Then ${counted(plan.freeMinutes, 'minute')} to go back freely.`]
      : []),
    `Students may ${handling.map((h) => HANDLING_LABELS[h]).join(', ')}. Nothing else, and nobody tastes anything.`,
    'Do not help with names or characters, not even by a nod.',
    'If a piece breaks, wilts or goes missing, write the station and the time on the back and tell staff.',
    'If somebody is hurt or touches a plant with a caution, stop the station and call staff at once.',
  ];
}

/** A card for whoever helps at a sitting: how it runs and what is at each station. No species is named. */
export function VolunteerCard() {
  const { today } = useSession();
  return (
    <SittingPrint title="Volunteer card" about="One page for each helper. No species is named.">
      {(s) => (
        <>
          <h1 className="print-title">
            For helpers: {s.quizName}, {showDate(s.on, today)}
          </h1>
          <ol className="print-steps">
            {walkLines(s).map((l) => (
              <li key={l}>{l}</li>
            ))}
          </ol>
          <table className="print-table">
            <thead>
              <tr>
                <th scope="col">Station</th>
                <th scope="col">What must be there</th>
                <th scope="col">There</th>
              </tr>
            </thead>
            <tbody>
              {s.stations.map((at) => (
                <tr key={at.id}>
                  <td>
                    <b>{at.station.number}</b>
                  </td>
                  <td>{at.material.map((m) => MATERIAL_LABELS[m]).join(', ')}</td>
                  <td>☐</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </SittingPrint>
  );
}
