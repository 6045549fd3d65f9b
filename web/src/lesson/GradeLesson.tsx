import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useEffect, useRef, useState } from 'react';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { RadioTiles } from '../form/RadioTiles';
import { useHousehold, useMayRecord } from '../household/useMe';
import { capital } from '../measure/words';
import { Because } from '../ui/Because';
import { Failure } from '../ui/Failure';
import { madeUpEarPath, useGrade, useLessons, type Grades } from './useLessons';

const EARS = 1_000_000;
const another = () => Math.floor(Math.random() * EARS);
const SIGNS = WORDS.GradedSign.map(({ value, label }) => ({
  key: value.toLowerCase() as keyof Grades,
  label: capital(label),
}));
const GRADES = WORDS.Grade.map(({ value, label }, number) => ({
  value,
  name: label,
  content: `${number} ${label}`,
}));

/** A made-up ear after the other: four grades, then what was to be seen. */
export function GradeLesson() {
  const household = useHousehold().id;
  const mayRecord = useMayRecord();
  const lessons = useLessons();
  const grade = useGrade();
  const [ear, setEar] = useState(another);
  const [given, setGiven] = useState<Partial<Grades>>({});
  const next = useRef<HTMLButtonElement>(null);
  const latest = lessons.data?.latest;
  const truth = latest?.ear.number === ear ? latest.ear.grades : undefined;
  const { redness, swelling, sores, discharge } = given;
  const isWhole = redness && swelling && sores && discharge;
  useEffect(() => {
    if (truth) next.current?.focus();
  }, [truth]);

  return (
    <Box
      component="section"
      aria-label="Grade an ear"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
        gap: 3,
        alignItems: 'start',
      }}
    >
      <Box
        component="img"
        src={madeUpEarPath(household, ear)}
        alt="A made-up ear, its flap held up; a white wipe lies beside it"
        sx={{ width: '100%', aspectRatio: '4 / 3', borderRadius: 1, display: 'block' }}
      />
      <Stack spacing={1.5}>
        {SIGNS.map(({ key, label }) => (
          <Box key={key}>
            <Typography sx={{ fontWeight: 600, mb: 0.5 }}>
              {label}
              {truth && <Verdict given={given[key]} truth={truth[key]} />}
            </Typography>
            <RadioTiles
              label={label}
              tiles={GRADES}
              value={given[key]}
              columns={4}
              onChange={(value) => {
                if (!truth) setGiven((before) => ({ ...before, [key]: value }));
              }}
            />
          </Box>
        ))}
        {grade.error && <Failure error={grade.error} />}
        {truth ? (
          <Button
            key="next"
            ref={next}
            variant="contained"
            size="large"
            onClick={() => {
              setEar(another());
              setGiven({});
            }}
          >
            The next ear
          </Button>
        ) : (
          <Button
            key="compare"
            variant="contained"
            size="large"
            disabled={!isWhole || !mayRecord}
            loading={grade.isPending}
            onClick={() => {
              if (isWhole) {
                grade.mutate({
                  at: new Date().toISOString(),
                  drawing: ear,
                  redness,
                  swelling,
                  sores,
                  discharge,
                });
              }
            }}
          >
            Compare
          </Button>
        )}
        {!mayRecord && (
          <Typography color="textSecondary">
            Who may only look here cannot be compared: it would be recorded.
          </Typography>
        )}
        {lessons.error && <Failure error={lessons.error} onRetry={() => void lessons.refetch()} />}
        {lessons.data && (
          <Typography role="status">
            <Because reason={lessons.data.skill.reason} />
          </Typography>
        )}
      </Stack>
    </Box>
  );
}

/** What was to be seen, in words: right, or what it is. */
function Verdict({
  given,
  truth,
}: {
  given: Grades['redness'] | undefined;
  truth: Grades['redness'];
}) {
  const right = given === truth;
  return (
    <Box component="span" sx={{ ml: 1, color: right ? 'success.main' : 'error.main' }}>
      {right ? 'right' : `it is ${labelOf(WORDS.Grade, truth)}`}
    </Box>
  );
}
