import { useController, type Control } from 'react-hook-form';
import { ChoiceField } from '../form/ChoiceField';
import type { VisitForm } from './visitForm';

/** An order to clean an ear whose eardrum is not intact: did the vet mean it all the same? */
export function TornChoice({
  ear,
  control,
}: {
  ear: 'right' | 'left';
  control: Control<VisitForm>;
}) {
  const instruction = useController({ control, name: `${ear}.instruction` });
  const allTheSame = useController({ control, name: `${ear}.allTheSame` });
  return (
    <ChoiceField
      label="Its eardrum is not intact. Is it to be cleaned all the same?"
      hint="Until the vet has said so, this order is kept and shown, and nothing is planned by it."
      choices={[
        { value: 'ALL_THE_SAME', label: 'all the same' },
        { value: 'LEAVE', label: 'leave it alone' },
        { value: 'NOT_SAID', label: 'not said' },
      ]}
      value={allTheSame.field.value ? 'ALL_THE_SAME' : 'NOT_SAID'}
      onChange={(chosen) => {
        allTheSame.field.onChange(chosen === 'ALL_THE_SAME');
        if (chosen === 'LEAVE') instruction.field.onChange('DO_NOT_CLEAN');
      }}
    />
  );
}
