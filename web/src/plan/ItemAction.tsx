import Button from '@mui/material/Button';
import { Link as RouterLink } from 'react-router';
import { AnswerButtons } from '../ask/AnswerButtons';
import { HairButton } from '../cleaning/HairButton';
import { SaidButton } from '../fact/SaidButton';
import { useMayRecord } from '../household/useMe';
import type { PlanItem } from '../view/useToday';
import { LookButton } from '../visit/LookButton';
import { KINDS, type PlanKind } from './kinds';
import { TalkedButton } from './TalkedButton';

/** The button of a planned thing: it goes on to it, or says at once that it is done. */
export function ItemAction({
  name,
  dogId,
  item,
  main,
}: {
  name: string;
  dogId: string;
  item: PlanItem;
  /** Whether it is the one thing to do now. */
  main: boolean;
}) {
  const mayRecord = useMayRecord();
  const doing = KINDS[item.kind];
  const label = doing.label(name);
  if (!mayRecord) return null;
  if (item.kind === 'VISIT' && item.reasons[0]?.rule === 'CHECK_TOLD') {
    return (
      <>
        <LinkTo doing={KINDS.CHECK} name={name} dogId={dogId} item={item} main={main} />
        <LinkTo doing={doing} name={name} dogId={dogId} item={item} main={false} />
      </>
    );
  }
  if (item.asks) return <AnswerButtons dogId={dogId} name={name} asks={item.asks} />;
  switch (doing.done.by) {
    case 'page':
      return <LinkTo doing={doing} name={name} dogId={dogId} item={item} main={main} />;
    case 'fact':
      return (
        <SaidButton dogId={dogId} name={name} kind={doing.done.said} label={label}>
          {doing.button}
        </SaidButton>
      );
    case 'hair':
      return (
        <HairButton dogId={dogId} name={name} ears={item.ears} label={label}>
          {doing.button}
        </HairButton>
      );
    case 'talk':
      return (
        <TalkedButton dogId={dogId} name={name} item={item} label={label}>
          {doing.button}
        </TalkedButton>
      );
    case 'look':
      return <LookButton dogId={dogId} name={name} label={label} main={main} />;
    case 'answer':
      return null;
  }
}

function LinkTo({
  doing,
  name,
  dogId,
  item,
  main,
}: {
  doing: PlanKind;
  name: string;
  dogId: string;
  item: PlanItem;
  main: boolean;
}) {
  if (doing.done.by !== 'page') return null;
  return (
    <Button
      component={RouterLink}
      to={doing.done.to(dogId, item)}
      variant={main ? 'contained' : 'outlined'}
      size={main ? 'large' : 'medium'}
      aria-label={doing.label(name)}
      sx={{ whiteSpace: 'nowrap', minWidth: 104 }}
    >
      {doing.button}
    </Button>
  );
}
