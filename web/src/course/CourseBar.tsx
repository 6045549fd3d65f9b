import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { momentWords, type Hours } from '../measure/units';
import { letter, type Side } from '../measure/side';
import type { CourseInFull } from './useDoses';

type Mark = CourseInFull['lanes'][number];

const NOTCH = 5;
const LANE = 26;

/** A course as a bar: a notch for each dose on its ear's lane, the right ear above. */
export function CourseBar({
  course,
  zone,
  hours,
  people,
}: {
  course: CourseInFull;
  zone: string;
  hours: Hours;
  people: Record<string, string>;
}) {
  const { ears } = course.board.course;
  const lanes: readonly (Side | undefined)[] =
    ears.length === 0
      ? [undefined]
      : (['RIGHT', 'LEFT'] as const).filter((one) => ears.includes(one));
  const first = Math.min(...course.lanes.map(({ at }) => Date.parse(at)));
  const last = Math.max(...course.lanes.map(({ at }) => Date.parse(at)));
  const x = (at: string) => 1 + (98 * (Date.parse(at) - first)) / Math.max(1, last - first);
  return (
    <Box>
      {lanes.map((lane) => {
        const marks = course.lanes.filter(({ ear }) => ear === lane);
        const given = marks.filter(({ status }) => status === 'GIVEN').length;
        return (
          <Box
            key={lane ?? 'dog'}
            sx={{ display: 'flex', alignItems: 'center', gap: 1, mb: 0.5 }}
            role="img"
            aria-label={`${lane ? letter(lane) : 'The dog'}: ${given} of ${marks.length} doses given`}
          >
            <Typography sx={{ width: 20, fontWeight: 700 }}>{lane ? letter(lane) : ''}</Typography>
            <Box
              sx={{
                position: 'relative',
                flex: 1,
                height: LANE,
                borderRadius: 1,
                bgcolor: 'mark.lane',
              }}
            >
              {marks.map((mark) => (
                <Notch key={mark.number} mark={mark} left={x(mark.at)} />
              ))}
            </Box>
          </Box>
        );
      })}
      <Box component="details">
        <Box component="summary" sx={{ cursor: 'pointer', py: 0.5, color: 'primary.main' }}>
          Every dose
        </Box>
        <Box
          component="table"
          sx={{ borderCollapse: 'collapse', '& td, & th': { textAlign: 'left', pr: 2, py: 0.25 } }}
        >
          <thead>
            <tr>
              <th scope="col">Dose</th>
              <th scope="col">Due</th>
              <th scope="col">What became of it</th>
            </tr>
          </thead>
          <tbody>
            {course.lanes.map((mark) => (
              <tr key={`${mark.number} ${mark.ear}`}>
                <td>
                  {mark.number} {mark.ear ? letter(mark.ear) : ''}
                </td>
                <td>{momentWords(mark.at, zone, hours)}</td>
                <td>{became(mark, zone, hours, people)}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
    </Box>
  );
}

function became(
  { status, givenAt, timing, by }: Mark,
  zone: string,
  hours: Hours,
  people: Record<string, string>,
): string {
  if (!givenAt) return labelOf(WORDS.DoseStatus, status);
  return [
    `given ${momentWords(givenAt, zone, hours)}`,
    timing && timing !== 'ON_TIME' ? labelOf(WORDS.Timing, timing) : '',
    by ? (people[by] ?? '') : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/** Full: given; half high: given early or late; hollow and low: ahead; struck: missed. */
function Notch({ mark, left }: { mark: Mark; left: number }) {
  const given = mark.status === 'GIVEN';
  const onTime = mark.timing === 'ON_TIME';
  const gone = mark.status === 'MISSED' || mark.status === 'LEFT_OUT';
  const height = given ? (onTime ? LANE - 6 : LANE / 2) : gone ? LANE - 6 : LANE / 2;
  return (
    <Box
      sx={{
        position: 'absolute',
        left: `calc(${left}% - ${NOTCH / 2}px)`,
        bottom: 3,
        width: NOTCH,
        height,
        borderRadius: '2px',
        border: 2,
        borderColor: gone ? 'warning.main' : 'mark.course',
        borderStyle: gone ? 'dashed' : 'solid',
        bgcolor: given ? 'mark.course' : 'transparent',
        opacity: mark.status === 'AHEAD' ? 0.6 : 1,
      }}
    />
  );
}
