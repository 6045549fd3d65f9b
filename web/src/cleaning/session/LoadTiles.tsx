import { RadioTiles } from '../../form/RadioTiles';
import { earName, type Side } from '../../measure/side';
import { LOADS } from '../load';
import { WipeDrawing } from '../WipeDrawing';

/** What came out of one ear, as five drawn wipes. */
export function LoadTiles({
  ear,
  load,
  onChange,
}: {
  ear: Side;
  load: number | undefined;
  onChange: (load: number) => void;
}) {
  return (
    <RadioTiles
      label={`What came out of the ${earName(ear)}`}
      columns={5}
      value={load === undefined ? undefined : String(load)}
      onChange={(value) => onChange(Number(value))}
      tiles={LOADS.map(({ grade, word }) => ({
        value: String(grade),
        name: `${grade} ${word}`,
        content: (
          <>
            <WipeDrawing grade={grade} size={48} />
            {word}
          </>
        ),
      }))}
    />
  );
}
