import Skeleton from '@mui/material/Skeleton';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Box from '@mui/material/Box';
import { useSearchParams } from 'react-router';
import { DepthLesson } from '../lesson/DepthLesson';
import { GradeLesson } from '../lesson/GradeLesson';
import { StepsLesson } from '../lesson/StepsLesson';
import { useLessons } from '../lesson/useLessons';
import { Failure } from '../ui/Failure';
import { Page } from '../ui/Page';

const LESSONS = { grade: 'Grade an ear', steps: 'The steps', depth: 'Depth and sound' } as const;
type Lesson = keyof typeof LESSONS;
const isLesson = (text: string | null): text is Lesson => text !== null && text in LESSONS;

/** Practice without a dog: grading, the order of things, how deep, and what it sounds like. */
export function Component() {
  const [search, setSearch] = useSearchParams();
  const asked = search.get('lesson');
  const lesson = isLesson(asked) ? asked : 'grade';
  return (
    <Page title="Learn" aside="Practise on ears that nobody has">
      <Tabs
        value={lesson}
        onChange={(_, chosen: Lesson) => setSearch({ lesson: chosen }, { replace: true })}
        aria-label="Lessons"
        sx={{ mb: 3 }}
      >
        {Object.entries(LESSONS).map(([value, words]) => (
          <Tab
            key={value}
            value={value}
            label={words}
            id={`lesson-${value}`}
            aria-controls="lesson"
          />
        ))}
      </Tabs>
      <Box role="tabpanel" id="lesson" aria-labelledby={`lesson-${lesson}`}>
        {lesson === 'grade' && <GradeLesson />}
        {lesson === 'steps' && <Steps />}
        {lesson === 'depth' && <DepthLesson />}
      </Box>
    </Page>
  );
}

function Steps() {
  const lessons = useLessons();
  if (lessons.error) {
    return <Failure error={lessons.error} onRetry={() => void lessons.refetch()} />;
  }
  return lessons.data ? (
    <StepsLesson lesson={lessons.data.steps} />
  ) : (
    <Skeleton variant="rounded" height={320} role="status" aria-label="Loading" />
  );
}
