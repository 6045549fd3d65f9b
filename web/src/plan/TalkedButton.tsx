import Button from '@mui/material/Button';
import type { ItemMark } from '../view/useToday';
import { itemWords } from './items';
import { useSkip } from './useSkip';

/** Says with one tap that the talk with the vet has been had: it is proposed no more for that flare. */
export function TalkedButton({
  dogId,
  name,
  item,
  label,
  children,
}: {
  dogId: string;
  name: string;
  item: ItemMark;
  label: string;
  children: string;
}) {
  const skip = useSkip(dogId, item.id, `${name}, ${itemWords(item)}`, () => {});
  return (
    <Button
      variant="outlined"
      aria-label={label}
      color={skip.isError ? 'error' : 'primary'}
      loading={skip.isPending}
      onClick={() => skip.mutate('We have talked.')}
      sx={{ whiteSpace: 'nowrap' }}
    >
      {skip.isError ? 'Try again' : children}
    </Button>
  );
}
